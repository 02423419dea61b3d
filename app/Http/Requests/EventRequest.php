<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Angler;
use App\Models\LineProduct;
use Illuminate\Validation\Rule;

final class EventRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'angler' => ['nullable', Rule::exists(Angler::class, 'id')],
            'corrects' => ['nullable', 'required_if:kind,voided'],
            'moves.*.line' => [Rule::exists(LineProduct::class, 'id')],
            'counts.*.line' => [Rule::exists(LineProduct::class, 'id')],
        ];
    }
}
