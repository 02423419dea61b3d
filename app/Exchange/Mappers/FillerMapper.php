<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Exchange\Records;
use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Record;
use App\Models\TypedFigures;
use Illuminate\Support\Str;
use Undro\Input\Bounds;
use Undro\Ledger\Count;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Units\Exact;
use Undro\Units\Length;

/**
 * What is left on a filler is a matter of the log: a document has it there, a table says it in a column.
 *
 * @extends RecordMapper<Filler>
 */
final class FillerMapper extends RecordMapper
{
    private const LEFT = 'left';

    public function __construct()
    {
        parent::__construct('fillers', Filler::class, ['line']);
    }

    public function called(array $row, Records $records): string
    {
        $line = is_string($row['line'] ?? null) ? $records->nameOf('line', $row['line']) : '';

        return implode(', ', array_filter([$line, parent::called($row, $records)]));
    }

    protected function beside(): string
    {
        return self::LEFT;
    }

    public function columns(): array
    {
        return ['key', 'line', 'name', 'full_length', 'left', 'diameter', 'core', 'price', 'archived'];
    }

    protected function fields(Record $record): array
    {
        return [
            'line' => $record->line->key,
            'full_length' => $record->full_length_typed,
            'diameter' => $record->diameter_typed,
            'core' => $record->core_typed,
            'price' => $record->price,
        ];
    }

    protected function cells(Record $record, Taking $taking): array
    {
        $ledger = $taking->log->ledger();
        $left = Exact::plain($ledger->length($record->place())->inMetres());
        $half = $ledger->half($record->place());

        return ['line' => $record->line->name, 'left' => $half === null ? "$left m" : "$left ± " . Exact::plain($half->inMetres()) . ' m'];
    }

    protected function resolved(array $row, ?Record $record, Records $records): array
    {
        return ['line' => $records->named(LineProduct::class, 'line', $row['line'] ?? '')->key] + $row;
    }

    protected function apply(array $row, Record $record, Records $records): void
    {
        $record->line_product_id = $records->named(LineProduct::class, 'line', $row['line'] ?? '')->id;
        $record->take(new TypedFigures($row));
    }

    protected function more(array $row, ?Record $record, Taking $taking): ?\Closure
    {
        if (!array_key_exists(self::LEFT, $row)) {
            return null;
        }
        $in = (new TypedFigures($row))->in;
        $there = $record === null ? 0.0 : $taking->log->ledger()->length($record->place())->inMetres();
        // line that was wound back onto a filler may be more than it held when new
        [$said] = $in->metresWithin(self::LEFT, ...Bounds::LENGTH_M);
        if ($record !== null && $said !== null && abs($said->inMetres() - $there) < 0.001) {
            return null;
        }
        [$left, $half] = Filler::left($in);

        if (abs($left->inMetres() - $there) < 0.001) {
            return null;
        }
        if ($record !== null) {
            $taking->differences->add(self::LEFT, Exact::plain($there) . ' m', $in->asTyped(self::LEFT));
        }

        return static fn(Filler $filler) => self::setLeft(
            $filler,
            $left,
            $half,
            $record === null,
            $taking,
        );
    }

    private static function setLeft(Filler $filler, Length $left, ?Length $half, bool $new, Taking $taking): void
    {
        $id = (string) Str::uuid();
        $line = $filler->line_product_id;
        $counted = [new Count($filler->place(), $left, $line, $half)];
        $event = $new
            ? $taking->log->record(
                $id,
                EventKind::Bought,
                [Move::of(Place::of(PlaceKind::Shop), $filler->place(), $left, $line)],
                $half === null ? [] : $counted,
            )
            : $taking->log->record($id, EventKind::StockTake, [], $counted);
        $taking->back->recorded($event->uuid);
    }
}
