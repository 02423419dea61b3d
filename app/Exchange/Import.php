<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Log\EventLog;
use App\Models\Account;
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
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Throwable;
use Undro\Contract\Bounds;
use Undro\DomainFault;
use Undro\Ledger\Count;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Units\Length;

/**
 * Reads a document or a table in, row by row: each is new, changed, the same as here, or bad with the reason. A look does
 * everything a taking does and then takes it all back, so the two cannot disagree.
 */
final class Import
{
    /** @var list<array{kind: string, row: int, name: string, state: string, problem: string|null}> */
    private array $rows = [];

    public function __construct(private readonly EventLog $log, private readonly RowShape $shape, private readonly Records $records) {}

    /**
     * @return array{rows: list<array{kind: string, row: int, name: string, state: string, problem: string|null}>, taken: bool, back: string|null} with the document that takes it back
     *
     * @throws BadRow if the whole text is neither table nor document
     */
    public function run(string $text, ?Table $table, bool $take): array
    {
        $this->rows = [];
        // made outside the transaction, which may be taken back
        Account::current();
        $back = null;
        // the way back is told within the transaction, so that it holds nothing of anybody else's
        DB::beginTransaction();
        try {
            $before = $take ? Document::of() : [];
            $table === null ? $this->document($text) : $this->table($table, $text);
            $back = $take ? json_encode(WayBack::between($before, Document::of()), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) : null;
            $take ? DB::commit() : DB::rollBack();
        } catch (Throwable $fault) {
            DB::rollBack();
            throw $fault;
        } finally {
            $this->log->forget();
        }

        return ['rows' => $this->rows, 'taken' => $take, 'back' => $back];
    }

    private function table(Table $table, string $text): void
    {
        foreach ($table->read($text) as $index => $row) {
            // the first row of a file holds the names of its columns
            $this->attempt($table->value, $index + 2, $row, $this->taker($table->value));
        }
    }

    private function document(string $text): void
    {
        $document = json_decode($text, true);
        is_array($document) || throw BadRow::notADocument('it is not JSON');
        ($document['undro'] ?? null) === Document::VERSION || throw BadRow::notADocument('it does not begin with "undro": 1');
        foreach (Document::KINDS as $kind) {
            $rows = $document[$kind] ?? [];
            is_array($rows) || throw BadRow::notADocument("“{$kind}” is not a list");
            foreach (array_values($rows) as $index => $row) {
                $this->attempt($kind, $index + 1, is_array($row) ? $row : [], $this->taker($kind));
            }
        }
        $history = $document['history'] ?? [];
        is_array($history) || throw BadRow::notADocument('“history” is not a list');
        $this->history(array_values($history));
    }

    /**
     * One row in a transaction of its own: a bad one leaves nothing behind.
     *
     * @param array<array-key, mixed>                   $row
     * @param \Closure(array<array-key, mixed>): string $take returns the state
     */
    private function attempt(string $kind, int $number, array $row, \Closure $take): void
    {
        $name = is_string($row['name'] ?? null) && $row['name'] !== '' ? $row['name'] : (is_string($row['line'] ?? null) ? $row['line'] : '');
        try {
            $state = DB::transaction(function () use ($kind, $row, $take): string {
                $this->shape->check($kind, $row);

                return $take($row);
            });
            $problem = null;
        } catch (DomainFault $fault) {
            $state = 'bad';
            $problem = $fault->getMessage();
        }
        $this->rows[] = ['kind' => $kind, 'row' => $number, 'name' => mb_substr($name, 0, 80), 'state' => $state, 'problem' => $problem];
    }

    /** @return \Closure(array<array-key, mixed>): string */
    private function taker(string $kind): \Closure
    {
        return match ($kind) {
            'anglers' => $this->angler(...),
            'lines' => $this->line(...),
            'reels' => $this->reel(...),
            'spools' => $this->spool(...),
            'rods' => $this->rod(...),
            'fillers' => $this->filler(...),
            default => $this->plan(...),
        };
    }

    /** @param array<array-key, mixed> $row */
    private function angler(array $row): string
    {
        $angler = $this->records->matching(Angler::class, $row) ?? new Angler();
        if ($angler->exists && self::same($row, Document::angler($angler->load('habits')))) {
            return 'same';
        }
        $state = $this->begin($angler, $row);
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

        return $state;
    }

    /** @param array<array-key, mixed> $row */
    private function line(array $row): string
    {
        $line = $this->records->matching(LineProduct::class, $row) ?? new LineProduct();
        if ($line->exists && self::same($row, Document::line($line->load('measurements')))) {
            return 'same';
        }
        $state = $this->begin($line, $row);
        $measurements = self::list($row['measurements'] ?? null);
        // with dated measurements of its own the row's size is only the latest of them, not one more
        $line->take(new TypedFigures($row), dated: $measurements !== []);
        foreach ($measurements as $each) {
            $line->measuredBefore(new TypedFigures($each));
        }
        foreach (self::list($row['packs'] ?? null) as $pack) {
            LinePack::from($line, new TypedFigures($pack));
        }

        return $state;
    }

    /** @param array<array-key, mixed> $row */
    private function reel(array $row): string
    {
        $reel = $this->records->matching(Reel::class, $row) ?? new Reel();
        $angler = array_key_exists('angler', $row) ? ($row['angler'] === null ? null : $this->records->named(Angler::class, 'angler', $row['angler'])) : $reel->angler;
        $row = ['angler' => $angler?->key] + $row;
        if ($reel->exists && self::same($row, Document::reel($reel->load('angler')))) {
            return 'same';
        }
        $state = $this->begin($reel, $row);
        $reel->angler_id = $angler?->id;
        $reel->take(new TypedFigures($row));

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
        if ($spool->exists && self::same($row, ['measures' => $spool->measures()] + Document::spool($spool->load(['rating', 'measurements', 'reels'])))) {
            return 'same';
        }
        $state = $this->begin($spool, $row);
        $measurements = self::list($row['measurements'] ?? null);
        $spool->take(new TypedFigures($row));
        foreach ($measurements as $each) {
            $spool->measuredBefore(new TypedFigures($each));
        }
        if ($reels !== []) {
            $spool->reels()->sync(array_values($reels));
        }

        return $state;
    }

    /** @param array<array-key, mixed> $row */
    private function rod(array $row): string
    {
        $rod = $this->records->matching(Rod::class, $row) ?? new Rod();
        if ($rod->exists && self::same($row, Document::rod($rod))) {
            return 'same';
        }
        $state = $this->begin($rod, $row);
        $rod->take(new TypedFigures($row));

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
        if ($filler !== null && $left === null && self::same($row, Document::filler($filler->load('line')))) {
            return 'same';
        }
        $filler ??= new Filler();
        $state = $this->begin($filler, $row);
        $filler->line_product_id = $line->id;
        $filler->take(new TypedFigures($row));
        if ($left !== null) {
            $here = Place::of(PlaceKind::Filler, $filler->id);
            $state === 'new'
                ? $this->log->record((string) Str::uuid(), EventKind::Bought, [Move::of(Place::of(PlaceKind::Shop), $here, $left, $line->id)])
                : $this->log->record((string) Str::uuid(), EventKind::StockTake, [], [new Count($here, $left, $line->id)]);
        }

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
        if ($plan->exists && self::same($row, Document::plan($plan))) {
            return 'same';
        }
        $state = $this->begin($plan, $row);
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
        if (is_string($row['saved_at'] ?? null) && !$plan->exists) {
            $plan->created_at = Carbon::parse($row['saved_at']);
        }
        $plan->save();

        return $state;
    }

    /**
     * All events that are not here yet, or none: each rests on those before it.
     *
     * @param list<mixed> $events
     */
    private function history(array $events): void
    {
        if ($events === []) {
            return;
        }
        $name = count($events) . ' entries';
        $state = 'same';
        $problem = null;
        try {
            $state = DB::transaction(function () use ($events): string {
                $new = 0;
                foreach ($events as $index => $event) {
                    $row = is_array($event) ? $event : [];
                    try {
                        $this->shape->check('event', $row);
                        $new += $this->records->log($row) ? 1 : 0;
                    } catch (DomainFault $fault) {
                        throw BadRow::shape('', sprintf('entry %d of the history: %s None of the history was taken', $index + 1, lcfirst($fault->getMessage())));
                    }
                }
                $this->log->forget();
                $new === 0 || $this->log->readAgain();

                return $new === 0 ? 'same' : 'new';
            });
        } catch (DomainFault $fault) {
            $this->log->forget();
            $state = 'bad';
            $problem = $fault->getMessage();
        }
        $this->rows[] = ['kind' => 'history', 'row' => 1, 'name' => $name, 'state' => $state, 'problem' => $problem];
    }

    /**
     * @param Angler|LineProduct|Reel|Spool|Rod|Filler|Plan $record
     * @param array<array-key, mixed>                       $row
     */
    private function begin(Angler|LineProduct|Reel|Spool|Rod|Filler|Plan $record, array $row): string
    {
        if (!$record->exists && is_string($row['key'] ?? null)) {
            $record->key = $row['key'];
        }
        $new = !$record->exists;
        $record->changing(null);

        return $new ? 'new' : 'changed';
    }

    /**
     * Whether a record already is what a row says, in every field the row has.
     *
     * @param array<array-key, mixed> $row
     * @param array<string, mixed>    $is
     */
    private static function same(array $row, array $is): bool
    {
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
