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
            'line' => [Rule::exists(LineProduct::class, 'id')],
        ];
    }
}
