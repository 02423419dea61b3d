<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Angler;
use Illuminate\Validation\Rule;

final class PlanRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'name' => [$this->neededWhenNew(), 'string', 'min:1', 'max:80'],
            'draft' => [$this->neededWhenNew(), 'array', 'max:60'],
            'draft.*' => ['nullable', 'string', 'max:200'],
            'angler' => ['nullable', 'integer', Rule::exists(Angler::class, 'id')],
            'archived' => ['boolean'],
            'version' => self::VERSION,
        ];
    }
}
