<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Exchange\Records;
use App\Models\Angler;
use App\Models\Record;
use App\Models\Reel;
use App\Models\TypedFigures;

/** @extends RecordMapper<Reel> */
final class ReelMapper extends RecordMapper
{
    public function __construct()
    {
        parent::__construct('reels', Reel::class, ['angler']);
    }

    public function columns(): array
    {
        return ['key', 'name', 'kind', 'gear_ratio', 'max_drag', 'mono_range', 'braid_range', 'angler', 'archived'];
    }

    protected function fields(Record $record): array
    {
        return [
            'kind' => $record->kind->value,
            'gear_ratio' => $record->gear_ratio_typed,
            'max_drag' => $record->max_drag_typed,
            'mono_range' => $record->mono_range,
            'braid_range' => $record->braid_range,
            'angler' => $record->angler?->key,
        ];
    }

    protected function cells(Record $record, Taking $taking): array
    {
        return ['angler' => $record->angler?->name];
    }

    protected function resolved(array $row, ?Record $record, Records $records): array
    {
        $said = $row['angler'] ?? null;
        $angler = array_key_exists('angler', $row)
            ? ($said === null ? null : $records->named(Angler::class, 'angler', $said))
            : $record?->angler;

        return ['angler' => $angler?->key] + $row;
    }

    protected function apply(array $row, Record $record, Records $records): void
    {
        $record->angler_id = ($row['angler'] ?? null) === null ? null : $records->named(Angler::class, 'angler', $row['angler'])->id;
        $record->take(new TypedFigures($row));
    }
}
