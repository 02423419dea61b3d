<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Exchange\Records;
use App\Models\LineMeasurement;
use App\Models\LinePack;
use App\Models\LineProduct;
use App\Models\Record;
use App\Models\TypedFigures;

/** @extends RecordMapper<LineProduct> */
final class LineMapper extends RecordMapper
{
    public function __construct()
    {
        parent::__construct('lines', LineProduct::class, ['measurements', 'packs']);
    }

    public function columns(): array
    {
        return ['key', 'name', 'material', 'size', 'size_from', 'strength', 'colour', 'archived'];
    }

    protected function fields(Record $record): array
    {
        return [
            'material' => $record->material->value,
            'size' => $record->size_typed,
            'size_from' => $record->size_from->value,
            'strength' => $record->strength_typed,
            'colour' => $record->colour,
            'packs' => $record->packs->map(static fn(LinePack $pack): array => [
                'length' => $pack->length_typed, 'price' => $pack->price, 'archived' => $pack->archived_at !== null,
            ])->all(),
            'measurements' => $record->measurements->map(static fn(LineMeasurement $each): array => [
                'typed' => $each->typed, 'how' => $each->how, 'workings' => $each->workings, 'measured_at' => $each->measured_at,
            ])->all(),
        ];
    }

    protected function apply(array $row, Record $record, Records $records): void
    {
        $record->take(new TypedFigures($row));
        foreach (self::objects($row['measurements'] ?? null) as $each) {
            $record->measuredBefore(new TypedFigures($each));
        }
        foreach (self::objects($row['packs'] ?? null) as $pack) {
            LinePack::from($record, new TypedFigures($pack));
        }
    }
}
