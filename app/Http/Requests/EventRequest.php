<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Angler;
use App\Models\LineProduct;
use Illuminate\Validation\Rule;
use Undro\Ledger\EventKind;

final class EventRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(EventKind::class)],
            'happened_at' => ['nullable', 'date', 'before:+1 day'],
            'angler' => ['nullable', 'integer', Rule::exists(Angler::class, 'id')],
            'corrects' => ['nullable', 'uuid', 'required_if:kind,voided'],
            'note' => ['nullable', 'string', 'max:500'],
            'moves' => ['array', 'max:20'],
            'moves.*.line' => ['required', 'integer', Rule::exists(LineProduct::class, 'id')],
            'counts' => ['array', 'max:20'],
            'counts.*.line' => ['required', 'integer', Rule::exists(LineProduct::class, 'id')],
        ];
    }
}
