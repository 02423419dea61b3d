<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Exchange\BadRow;
use App\Exchange\Records;
use App\Models\Measurement;
use App\Models\Record;
use App\Models\Reel;
use App\Models\Spool;
use App\Models\TypedFigures;
use Undro\Spool\LipShape;

/** @extends RecordMapper<Spool> */
final class SpoolMapper extends RecordMapper
{
    public function __construct()
    {
        parent::__construct('spools', Spool::class, ['rating', 'measurements', 'reels']);
    }

    public function columns(): array
    {
        return [
            'key',
            'name',
            'reels',
            'lip',
            'lay',
            'grips',
            'stamp',
            'stamp_units',
            'stamp_material',
            'measured_with',
            ...Spool::QUANTITIES,
            'archived',
        ];
    }

    protected function fields(Record $record): array
    {
        return [
            'reels' => $record->reels->map(static fn(Reel $reel): string => $reel->key)->sort()->values()->all(),
            'lip' => $record->lip->value,
            'lay' => $record->lay->value,
            'grips' => $record->grips,
            'stamp' => $record->rating->stamp ?? '',
            'stamp_units' => $record->rating?->units?->value,
            'stamp_material' => $record->rating->material->value ?? 'mono',
            'measured_with' => $record->measured_with->value,
            'measurements' => $record->measurements->map(static fn(Measurement $each): array => [
                'quantity' => $each->quantity,
                'typed' => $each->typed,
                'how' => $each->how,
                'workings' => $each->workings,
                'measured_at' => $each->measured_at,
            ])->all(),
        ];
    }

    protected function cells(Record $record, Taking $taking): array
    {
        return ['reels' => $record->reels->map(static fn(Reel $reel): string => $reel->key)->all()] + $record->measures();
    }

    protected function compared(Record $record): array
    {
        return ['measures' => $record->measures()] + $this->row($record);
    }

    protected function blank(array $row): Record
    {
        return new Spool(['lip' => LipShape::Bevelled]);
    }

    protected function resolved(array $row, ?Record $record, Records $records): array
    {
        $reels = self::reels($row, $records);
        $record !== null || $reels !== [] || throw BadRow::noSuch('reels', 'reel', '');

        return array_key_exists('reels', $row) ? ['reels' => array_keys($reels)] + $row : $row;
    }

    protected function apply(array $row, Record $record, Records $records): void
    {
        $record->take(new TypedFigures($row));
        foreach (self::objects($row['measurements'] ?? null) as $each) {
            $record->measuredBefore(new TypedFigures($each));
        }
        $reels = self::reels($row, $records);
        if ($reels !== []) {
            $record->reels()->sync(array_values($reels));
        }
    }

    /**
     * @param array<array-key, mixed> $row
     *
     * @return array<string, int> numbers by key, in the order of the keys
     */
    private static function reels(array $row, Records $records): array
    {
        $reels = [];
        foreach ((new TypedFigures($row))->texts('reels') as $name) {
            $reel = $records->named(Reel::class, 'reels', $name);
            $reels[$reel->key] = $reel->id;
        }
        ksort($reels);

        return $reels;
    }
}
