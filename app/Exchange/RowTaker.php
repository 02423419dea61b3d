<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Clock;
use App\Log\EventLog;
use App\Models\Angler;
use App\Models\Filler;
use App\Models\LinePack;
use App\Models\LineProduct;
use App\Models\Plan;
use App\Models\Reel;
use App\Models\Rod;
use App\Models\Spool;
use App\Models\TypedFigures;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Ledger\Count;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Units\Length;

/** Takes one row of a document or a table into its record, and notes what would take it back. */
final readonly class RowTaker
{
    public function __construct(private EventLog $log, private Records $records, public WayBack $back) {}

    /**
     * @param array<array-key, mixed> $row of the shape of its kind
     *
     * @return string new, changed or same
     *
     * @throws \Undro\DomainFault if a figure of it cannot be
     */
    public function take(string $kind, array $row): string
    {
        return match ($kind) {
            'anglers' => $this->angler($row),
            'lines' => $this->line($row),
            'reels' => $this->reel($row),
            'spools' => $this->spool($row),
            'rods' => $this->rod($row),
            'fillers' => $this->filler($row),
            'runs' => $this->records->run($row, $this->back),
            default => $this->plan($row),
        };
    }

    /** @param array<array-key, mixed> $row */
    private function angler(array $row): string
    {
        $angler = $this->records->matching(Angler::class, $row) ?? new Angler();
        $is = $angler->exists ? Document::angler($angler->loadMissing('habits')) : null;
        if (self::same($row, $is)) {
            return 'same';
        }
        $state = $this->begin('anglers', $angler, $row, $is);
        $angler->fill((new TypedFigures($row))->words(['name']));
        $units = is_array($row['units'] ?? null) ? $row['units'] : [];
        foreach (['length', 'small', 'force'] as $unit) {
            if (is_string($units[$unit] ?? null)) {
                $angler->setAttribute("unit_$unit", $units[$unit]);
            }
        }
        if (is_numeric($row['pace_turns_per_min'] ?? null)) {
            $angler->pace_turns_per_min = (float) $row['pace_turns_per_min'];
        }
        $angler->setArchived(($row['archived'] ?? false) === true);
        $angler->save();
        foreach (is_array($row['habits'] ?? null) ? $row['habits'] : [] as $question => $choice) {
            $angler->habits()->updateOrCreate(['question' => (string) $question], ['choice' => $choice]);
        }

        $this->records->saved($angler);

        return $state;
    }

    /** @param array<array-key, mixed> $row */
    private function line(array $row): string
    {
        $line = $this->records->matching(LineProduct::class, $row) ?? new LineProduct();
        $is = $line->exists ? Document::line($line->loadMissing(['measurements', 'packs'])) : null;
        if (self::same($row, $is)) {
            return 'same';
        }
        $state = $this->begin('lines', $line, $row, $is);
        $measurements = self::list($row['measurements'] ?? null);
        // with dated measurements of its own the row's size is only the latest of them, not one more
        $line->take(new TypedFigures($row), dated: $measurements !== []);
        foreach ($measurements as $each) {
            $line->measuredBefore(new TypedFigures($each));
        }
        foreach (self::list($row['packs'] ?? null) as $pack) {
            LinePack::from($line, new TypedFigures($pack));
        }

        $this->records->saved($line);

        return $state;
    }

    /** @param array<array-key, mixed> $row */
    private function reel(array $row): string
    {
        $reel = $this->records->matching(Reel::class, $row) ?? new Reel();
        $angler = array_key_exists('angler', $row) ? ($row['angler'] === null ? null : $this->records->named(Angler::class, 'angler', $row['angler'])) : $reel->angler;
        $row = ['angler' => $angler?->key] + $row;
        $is = $reel->exists ? Document::reel($reel->loadMissing('angler')) : null;
        if (self::same($row, $is)) {
            return 'same';
        }
        $state = $this->begin('reels', $reel, $row, $is);
        $reel->angler_id = $angler?->id;
        $reel->take(new TypedFigures($row));

        $this->records->saved($reel);

        return $state;
    }

    /** @param array<array-key, mixed> $row */
    private function spool(array $row): string
    {
        $spool = $this->records->matching(Spool::class, $row) ?? new Spool(['lip' => 'bevelled']);
        $reels = [];
        foreach (self::texts($row['reels'] ?? null) as $name) {
            $reel = $this->records->named(Reel::class, 'reels', $name);
            $reels[$reel->key] = $reel->id;
        }
        ksort($reels);
        $row = array_key_exists('reels', $row) ? ['reels' => array_keys($reels)] + $row : $row;
        $spool->exists || $reels !== [] || throw BadRow::noSuch('reels', 'reel', '');
        $is = $spool->exists ? ['measures' => $spool->measures()] + Document::spool($spool->loadMissing(['rating', 'measurements', 'reels'])) : null;
        if (self::same($row, $is)) {
            return 'same';
        }
        $state = $this->begin('spools', $spool, $row, $is);
        $measurements = self::list($row['measurements'] ?? null);
        $spool->take(new TypedFigures($row));
        foreach ($measurements as $each) {
            $spool->measuredBefore(new TypedFigures($each));
        }
        if ($reels !== []) {
            $spool->reels()->sync(array_values($reels));
        }

        $this->records->saved($spool);

        return $state;
    }

    /** @param array<array-key, mixed> $row */
    private function rod(array $row): string
    {
        $rod = $this->records->matching(Rod::class, $row) ?? new Rod();
        $is = $rod->exists ? Document::rod($rod) : null;
        if (self::same($row, $is)) {
            return 'same';
        }
        $state = $this->begin('rods', $rod, $row, $is);
        $rod->take(new TypedFigures($row));

        $this->records->saved($rod);

        return $state;
    }

    /** @param array<array-key, mixed> $row */
    private function filler(array $row): string
    {
        $filler = $this->records->matching(Filler::class, $row);
        $line = $this->records->named(LineProduct::class, 'line', $row['line'] ?? '');
        $row = ['line' => $line->key] + $row;
        $left = $this->left($row, $filler);
        unset($row['left']);
        $is = $filler === null ? null : Document::filler($filler->loadMissing('line'));
        if ($left === null && self::same($row, $is)) {
            return 'same';
        }
        $filler ??= new Filler();
        $state = $this->begin('fillers', $filler, $row, $is);
        $filler->line_product_id = $line->id;
        $filler->take(new TypedFigures($row));
        if ($left !== null) {
            $here = Place::of(PlaceKind::Filler, $filler->id);
            $event = $state === 'new'
                ? $this->log->record((string) Str::uuid(), EventKind::Bought, [Move::of(Place::of(PlaceKind::Shop), $here, $left, $line->id)])
                : $this->log->record((string) Str::uuid(), EventKind::StockTake, [], [new Count($here, $left, $line->id)]);
            $this->back->recorded($event->uuid);
        }

        $this->records->saved($filler);

        return $state;
    }

    /**
     * What a table says is left, where that is news.
     *
     * @param array<array-key, mixed> $row
     */
    private function left(array $row, ?Filler $filler): ?Length
    {
        if (!array_key_exists('left', $row)) {
            return null;
        }
        $figures = new TypedFigures($row);
        $left = $figures->in->optionalMetres('left', ...Bounds::LENGTH_M) ?? $figures->in->metres('full_length', 1, Bounds::LENGTH_M[1]);
        $there = $filler === null ? 0.0 : $this->log->ledger()->length(Place::of(PlaceKind::Filler, $filler->id))->inMetres();

        return abs($left->inMetres() - $there) < 0.001 ? null : $left;
    }

    /** @param array<array-key, mixed> $row */
    private function plan(array $row): string
    {
        $plan = $this->records->matching(Plan::class, $row) ?? new Plan();
        $is = $plan->exists ? Document::plan($plan) : null;
        if (self::same($row, $is)) {
            return 'same';
        }
        $saved = is_string($row['saved_at'] ?? null) ? Clock::read(Input::of($row), 'saved_at') : null;
        $state = $this->begin('plans', $plan, $row, $is);
        $draft = array_filter(is_array($row['draft'] ?? null) ? $row['draft'] : [], is_string(...));
        $ids = [];
        foreach (Document::DRAFT_RECORDS as $field => $model) {
            if (($draft[$field] ?? '') !== '') {
                $ids[$field] = $model::query()->where('key', $draft[$field])->value('id');
                $draft[$field] = is_int($ids[$field]) ? (string) $ids[$field] : '';
            }
        }
        $angler = is_string($row['angler'] ?? null) ? $this->records->named(Angler::class, 'angler', $row['angler']) : null;
        $plan->fill((new TypedFigures($row))->words(['name']));
        $plan->fill(['draft' => $draft, 'reel_id' => $ids['reel'] ?? null, 'spool_id' => $ids['spool'] ?? null, 'angler_id' => $angler?->id]);
        $plan->setArchived(($row['archived'] ?? false) === true);
        if ($saved !== null && !$plan->exists) {
            $plan->created_at = Carbon::parse($saved->iso());
        }
        $plan->save();

        $this->records->saved($plan);

        return $state;
    }

    /**
     * @param array<array-key, mixed>   $row
     * @param array<string, mixed>|null $is  as it is now; null: it is new
     */
    private function begin(string $kind, Angler|LineProduct|Reel|Spool|Rod|Filler|Plan $record, array $row, ?array $is): string
    {
        if ($is === null) {
            $record->key = is_string($row['key'] ?? null) && $row['key'] !== '' ? $row['key'] : (string) Str::uuid();
        }
        $this->back->changed($kind, $record->key, $is);
        $record->changing(null);

        return $is === null ? 'new' : 'changed';
    }

    /**
     * Whether a record already is what a row says, in every field the row has.
     *
     * @param array<array-key, mixed>   $row
     * @param array<string, mixed>|null $is
     */
    private static function same(array $row, ?array $is): bool
    {
        if ($is === null) {
            return false;
        }
        $is = json_decode(json_encode($is, JSON_THROW_ON_ERROR), true);
        foreach ($row as $field => $said) {
            $here = is_array($is) ? $is[$field] ?? null : null;
            // of the measures a row may name only some
            if ($field === 'measures' && is_array($said) && is_array($here)) {
                $here = array_intersect_key($here, $said);
            }
            if (!self::equal($said, $here)) {
                return false;
            }
        }

        return true;
    }

    private static function equal(mixed $one, mixed $other): bool
    {
        if (is_array($one) && is_array($other)) {
            return count($one) === count($other)
                && array_filter(array_keys($one), static fn(int|string $key): bool => !array_key_exists($key, $other) || !self::equal($one[$key], $other[$key])) === [];
        }
        if (is_float($one) || is_float($other)) {
            return is_numeric($one) && is_numeric($other) && !is_string($one) && !is_string($other) && (float) $one === (float) $other;
        }

        return $one === $other;
    }

    /** @return list<array<array-key, mixed>> */
    private static function list(mixed $value): array
    {
        return is_array($value) ? array_values(array_filter($value, is_array(...))) : [];
    }

    /** @return list<string> */
    private static function texts(mixed $value): array
    {
        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }
}
