<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Reel;
use Illuminate\Validation\Rule;

final class SpoolRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'reels.*' => [Rule::exists(Reel::class, 'id')],
        ];
    }
}
