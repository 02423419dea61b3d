<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exchange\Table;
use Illuminate\Validation\Rule;

final class ImportRequest extends ShapeRequest
{
    /** Characters; a tackle shop with ten thousand entries in its log takes half of it. */
    private const LONGEST = 20_000_000;

    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:' . self::LONGEST],
            'table' => ['nullable', Rule::enum(Table::class)],
            'take' => ['boolean'],
        ];
    }
}
