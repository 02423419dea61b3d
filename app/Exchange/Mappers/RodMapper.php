<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Exchange\Records;
use App\Models\Record;
use App\Models\Rod;
use App\Models\TypedFigures;

/** @extends RecordMapper<Rod> */
final class RodMapper extends RecordMapper
{
    public function __construct()
    {
        parent::__construct('rods', Rod::class);
    }

    protected function fields(Record $record): array
    {
        return [
            'length' => $record->length_typed,
            'line_min' => $record->line_min_typed,
            'line_max' => $record->line_max_typed,
            'braid_range' => $record->braid_range,
            'max_drag' => $record->max_drag_typed,
        ];
    }

    protected function apply(array $row, Record $record, Records $records): void
    {
        $record->take(new TypedFigures($row));
    }
}
