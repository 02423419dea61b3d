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
            'angler' => ['nullable', Rule::exists(Angler::class, 'id')],
            'reel' => ['nullable', Rule::exists(Reel::class, 'id')],
            'spool' => ['nullable', 'required_without:practice', Rule::exists(Spool::class, 'id')],
            'sources.*.line' => ['nullable', Rule::exists(LineProduct::class, 'id')],
            'sources.*.filler' => ['nullable', Rule::exists(Filler::class, 'id')],
            'sources.*.spool' => ['nullable', Rule::exists(Spool::class, 'id')],
        ];
    }
}
