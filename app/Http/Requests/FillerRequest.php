<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\LineProduct;
use Illuminate\Validation\Rule;

final class FillerRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'line' => [$this->neededWhenNew(), 'integer', Rule::exists(LineProduct::class, 'id')],
            'event' => [$this->neededWhenNew(), 'uuid'],
            'name' => ['nullable', 'string', 'max:80'],
            'full_length' => [$this->neededWhenNew(), 'string', 'max:60'],
            'left' => self::TYPED,
            'diameter' => self::TYPED,
            'core' => self::TYPED,
            'price' => ['nullable', 'string', 'max:20'],
            'archived' => ['boolean'],
            'version' => self::VERSION,
        ];
    }
}
