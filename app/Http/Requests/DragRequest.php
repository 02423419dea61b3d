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
            'reel' => [Rule::exists(Reel::class, 'id')],
            'spool' => [Rule::exists(Spool::class, 'id')],
            'angler' => ['nullable', Rule::exists(Angler::class, 'id')],
        ];
    }
}
