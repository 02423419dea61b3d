<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Undro\Join\Knot;

final class AnglerRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'units.length' => ['sometimes', Rule::in(['m', 'yd', 'ft'])],
            'units.small' => ['sometimes', Rule::in(['mm', 'in'])],
            'units.force' => ['sometimes', Rule::in(['kg', 'lb', 'N'])],
            'habits.long_cast' => ['sometimes', 'boolean'],
            'habits.beginner' => ['sometimes', 'boolean'],
            'habits.schools' => ['sometimes', 'array', 'max:20'],
            'habits.schools.*' => ['nullable', 'string', 'max:40'],
            'knots.tested' => ['sometimes', 'array', 'max:20'],
            'knots.tested.*' => ['nullable', 'string', 'max:12'],
            'knots.well' => ['sometimes', 'array', 'max:20'],
            'knots.well.*' => [Rule::enum(Knot::class)],
            'limits' => ['sometimes', 'array', 'max:4'],
            'limits.*.months' => ['nullable', 'string', 'max:8'],
            'limits.*.outings' => ['nullable', 'string', 'max:8'],
            'pace_turns_per_min' => ['sometimes', 'numeric', 'min:5', 'max:300'],
            'name' => ['sometimes', 'string', 'min:1', 'max:80'],
        ];
    }
}
