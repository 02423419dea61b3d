<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Angler;
use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Validation\Rule;

final class DragRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'reel' => ['required', 'integer', Rule::exists(Reel::class, 'id')],
            'spool' => ['required', 'integer', Rule::exists(Spool::class, 'id')],
            'angler' => ['nullable', 'integer', Rule::exists(Angler::class, 'id')],
            'from_off' => ['boolean'],
            'tip' => ['boolean'],
            'pulls' => ['array', 'max:200'],
            'chain' => ['array', 'max:60'],
            'chain.*' => ['nullable', 'string', 'max:200'],
            'temperature' => ['nullable', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }
}
