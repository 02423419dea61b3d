<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Log\Entries;
use App\Models\Angler;
use Illuminate\Validation\Rule;

final class EntryRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'what' => ['required', Rule::in(Entries::WHAT)],
            'happened_at' => ['nullable', 'date', 'before:+1 day'],
            'angler' => ['nullable', 'integer', Rule::exists(Angler::class, 'id')],
            'corrects' => ['nullable', 'uuid'],
            'words' => ['nullable', 'string', 'max:500'],
            'sun' => ['boolean'],
            'rough' => ['boolean'],
            'counts' => ['boolean'],
        ];
    }
}
