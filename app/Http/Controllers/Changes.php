<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShapeRequest;
use App\Models\Record;
use Illuminate\Support\Facades\DB;

/** Takes what was sent into a record, whole or not at all, where nobody changed it since it was looked at. */
trait Changes
{
    /**
     * @template R of Record
     *
     * @param R $record new, or as it was found
     *
     * @return R
     */
    private static function change(Record $record, ShapeRequest $request): Record
    {
        DB::transaction(static fn() => $record->changing($request->seen())->take($request->typedFigures()));

        return $record;
    }
}
