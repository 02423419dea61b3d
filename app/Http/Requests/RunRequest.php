<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Angler;
use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Validation\Rule;

final class RunRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'name' => ['required', 'string', 'min:1', 'max:120'],
            'angler' => ['nullable', 'integer', Rule::exists(Angler::class, 'id')],
            'reel' => ['nullable', 'integer', Rule::exists(Reel::class, 'id')],
            'spool' => ['nullable', 'required_without:practice', 'integer', Rule::exists(Spool::class, 'id')],
            'case' => ['required', 'array'],
            'draft' => ['array', 'max:60'],
            'draft.*' => ['nullable', 'string', 'max:200'],
            'leader' => ['boolean'],
            'practice' => ['nullable', 'integer', 'min:1', 'max:2000000000'],
            'sources' => ['array', 'max:4'],
            'sources.*.line' => ['nullable', 'integer', Rule::exists(LineProduct::class, 'id')],
            'sources.*.filler' => ['nullable', 'integer', Rule::exists(Filler::class, 'id')],
            'sources.*.spool' => ['nullable', 'integer', Rule::exists(Spool::class, 'id')],
        ];
    }
}
