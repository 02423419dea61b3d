<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Clock;
use App\Log\DragLog;
use App\Log\Entries;
use App\Models\Angler;
use App\Models\DragSetting;
use App\Models\Event;
use App\Models\Filler;
use App\Models\LevelReading;
use App\Models\LineProduct;
use App\Models\Outing;
use App\Models\Plan;
use App\Models\Reel;
use App\Models\Rod;
use App\Models\Run;
use App\Models\RunMark;
use App\Models\Spool;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Undro\Contract\RunCase;
use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Ledger\BadLedger;
use Undro\Ledger\PlaceKind;

/** Finds the records that a file names, and writes its history as it was recorded. */
final class Records
{
    private const WORDS = ['App\Models\Angler' => 'angler', 'App\Models\LineProduct' => 'line', 'App\Models\Reel' => 'reel', 'App\Models\Spool' => 'spool', 'App\Models\Filler' => 'filler'];

    private const MODELS = ['anglers' => Angler::class, 'lines' => LineProduct::class, 'reels' => Reel::class, 'spools' => Spool::class, 'rods' => Rod::class, 'fillers' => Filler::class, 'plans' => Plan::class];
    /** What belongs to a record in a document. */
    private const WITH = [Angler::class => ['habits'], LineProduct::class => ['measurements', 'packs'], Reel::class => ['angler'], Filler::class => ['line']];

    /** @var array<class-string, array<string, int>> */
    private array $ids = [];
    /** @var array<string, int> */
    private array $runs = [];
    /** @var array<class-string, array{key: array<array-key, int>, called: array<int, string>, name: array<array-key, array<int, int>>}> */
    private array $known = [];
    /** @var array<class-string, array<int, Model>> read ahead */
    private array $ready = [];
    /** @var array<class-string, array<int, Model>> that rows name; only what they are called by is asked of them */
    private array $named = [];

    /**
     * Reads at once what the next rows speak of; one by one it would take most of the time.
     *
     * @param list<array{string, int, array<array-key, mixed>}> $rows kind, number and row
     */
    public function expect(array $rows): void
    {
        $this->ready = [];
        $ids = [];
        foreach ($rows as [$kind, , $row]) {
            $model = self::MODELS[$kind] ?? null;
            if ($model !== null && $model !== Spool::class) {
                $id = $this->idOf($model, $row);
                $id === null || $ids[$model][] = $id;
            }
        }
        foreach ($ids as $model => $wanted) {
            foreach ($model::query()->with(self::WITH[$model] ?? [])->whereIntegerInRaw('id', $wanted)->get() as $record) {
                $this->ready[$model][$record->id] = $record;
            }
        }
    }

    /** Looks everything up again. */
    public function forget(): void
    {
        $this->ids = $this->runs = $this->known = $this->ready = $this->named = [];
    }

    /**
     * The record a row speaks of: by its key, or in a table without keys by its name. Fillers have no name of their own.
     *
     * @template M of Angler|LineProduct|Reel|Spool|Rod|Filler|Plan
     *
     * @param class-string<M>         $model
     * @param array<array-key, mixed> $row
     *
     * @return M|null
     */
    public function matching(string $model, array $row): ?Model
    {
        $id = $this->idOf($model, $row);
        if ($id === null) {
            return null;
        }
        // read ahead it is used once: a second row of the same record sees what the first has made of it
        $ready = $this->ready[$model][$id] ?? null;
        unset($this->ready[$model][$id]);

        $found = $ready ?? $model::query()->find($id);

        return $found instanceof $model ? $found : null;
    }

    /** A record as it has been saved, for the rows that follow. */
    public function saved(Angler|LineProduct|Reel|Spool|Rod|Filler|Plan $record): void
    {
        if (isset($this->known[$record::class])) {
            $known = &$this->known[$record::class];
            unset($known['name'][$known['called'][$record->id] ?? ''][$record->id]);
            $known['key'][$record->key] = $record->id;
            $known['called'][$record->id] = $record->name;
            $known['name'][$record->name][$record->id] = $record->id;
        }
    }

    /**
     * @param class-string<Angler|LineProduct|Reel|Spool|Rod|Filler|Plan> $model
     * @param array<array-key, mixed>                                     $row
     */
    private function idOf(string $model, array $row): ?int
    {
        $key = $row['key'] ?? '';
        if (is_string($key) && $key !== '') {
            return $this->known($model)['key'][$key] ?? null;
        }
        $name = $row['name'] ?? '';
        if ($model === Filler::class || !is_string($name) || $name === '') {
            return null;
        }
        $called = $this->known($model)['name'][$name] ?? [];
        if ($model === Spool::class && $called !== []) {
            $reels = is_array($row['reels'] ?? null) ? $row['reels'] : [];
            $called = Spool::query()->whereKey($called)->whereHas('reels', static fn($reel) => $reel->whereIn('name', $reels)->orWhereIn('key', $reels))->pluck('id')->all();
        }
        $id = count($called) === 1 ? reset($called) : null;

        return is_int($id) ? $id : null;
    }

    /**
     * Every record's number by its key and by its name, and its name.
     *
     * @param class-string<Angler|LineProduct|Reel|Spool|Rod|Filler|Plan> $model
     *
     * @return array{key: array<array-key, int>, called: array<int, string>, name: array<array-key, array<int, int>>}
     */
    private function known(string $model): array
    {
        if (!isset($this->known[$model])) {
            $known = ['key' => [], 'called' => [], 'name' => []];
            /** @var object{id: int, key: string, name: string} $row */
            foreach ($model::query()->toBase()->orderBy('id')->get(['id', 'key', 'name']) as $row) {
                $known['key'][$row->key] = $row->id;
                $known['called'][$row->id] = $row->name;
                $known['name'][$row->name][$row->id] = $row->id;
            }
            $this->known[$model] = $known;
        }

        return $this->known[$model];
    }

    /**
     * @template M of Angler|LineProduct|Filler|Reel|Spool
     *
     * @param class-string<M> $model
     *
     * @return M
     *
     * @throws BadRow if there is none, or more than one of that name
     */
    public function named(string $model, string $field, mixed $name): Model
    {
        $word = self::WORDS[$model] ?? 'record';
        $name = is_string($name) ? trim($name) : '';
        $name !== '' || throw BadRow::noSuch($field, $word, '');
        $known = $this->known($model);
        $called = isset($known['key'][$name]) ? [$known['key'][$name]] : array_values($known['name'][$name] ?? []);
        count($called) < 2 || throw BadRow::severalOf($field, $word, $name);
        $called !== [] || throw BadRow::noSuch($field, $word, $name);

        $found = $this->named[$model][$called[0]] ??= $model::query()->findOrFail($called[0]);

        return $found instanceof $model ? $found : throw BadRow::noSuch($field, $word, $name);
    }

    /**
     * The number of a named record; a history names the same few thousands of times.
     *
     * @param class-string<Angler|LineProduct|Filler|Reel|Spool> $model
     */
    private function id(string $model, string $field, mixed $name): int
    {
        return is_string($name) ? $this->ids[$model][$name] ??= $this->named($model, $field, $name)->id : $this->named($model, $field, $name)->id;
    }

    /**
     * Writes an event as it was recorded elsewhere; one that is known changes nothing.
     *
     * @param array<array-key, mixed> $row of the shape of an event
     *
     * @throws \Undro\DomainFault if it names a record there is not, or a figure cannot be
     */
    public function log(array $row): bool
    {
        $id = is_string($row['id'] ?? null) ? $row['id'] : '';
        if (Event::query()->where('uuid', $id)->exists()) {
            return false;
        }
        $event = Event::query()->create([
            'uuid' => $id,
            'kind' => $row['kind'] ?? '',
            'happened_at' => Clock::read(Input::of($row), 'happened_at')->iso(),
            'recorded_at' => Clock::read(Input::of($row), isset($row['recorded_at']) ? 'recorded_at' : 'happened_at')->iso(),
            'angler_id' => is_string($row['angler'] ?? null) ? $this->id(Angler::class, 'angler', $row['angler']) : null,
            'corrects' => $row['corrects'] ?? null,
            'note' => $row['note'] ?? null,
            'run_id' => is_string($row['run'] ?? null) ? $this->runs[$row['run']] ??= Run::query()->where('uuid', $row['run'])->first()->id ?? throw BadRow::noSuch('run', 'run', $row['run']) : null,
        ]);
        $moves = [];
        foreach (self::list($row['moves'] ?? null) as $move) {
            [$from, $fromId] = $this->place($move['from'] ?? null);
            [$to, $toId] = $this->place($move['to'] ?? null);
            $moves[] = ['event_id' => $event->id, 'from_kind' => $from, 'from_id' => $fromId, 'to_kind' => $to, 'to_id' => $toId, 'length_m' => $move['length_m'] ?? 0, 'line_product_id' => $this->id(LineProduct::class, 'line', $move['line'] ?? '')];
        }
        foreach (self::list($row['counts'] ?? null) as $count) {
            [$at, $atId] = $this->place($count['at'] ?? null);
            $moves[] = ['event_id' => $event->id, 'from_kind' => null, 'from_id' => 0, 'to_kind' => $at, 'to_id' => $atId, 'length_m' => $count['length_m'] ?? 0, 'line_product_id' => $this->id(LineProduct::class, 'line', $count['line'] ?? '')];
        }
        DB::table('event_moves')->insert($moves);
        if (is_array($row['drag'] ?? null)) {
            $drag = $row['drag'];
            DragSetting::query()->create(['event_id' => $event->id] + DragLog::figures($this->id(Reel::class, 'drag.reel', $drag['reel'] ?? ''), $this->id(Spool::class, 'drag.spool', $drag['spool'] ?? ''), Input::of($drag)));
        }
        if (is_array($row['outing'] ?? null)) {
            Outing::query()->create(['event_id' => $event->id, 'spool_id' => $this->id(Spool::class, 'outing.spool', $row['outing']['spool'] ?? '')] + Entries::outing(Input::of($row['outing'])));
        }
        if (is_array($row['level'] ?? null)) {
            LevelReading::query()->create(['event_id' => $event->id, 'spool_id' => $this->id(Spool::class, 'level.spool', $row['level']['spool'] ?? '')] + Entries::level(Input::of($row['level'])));
        }

        return true;
    }

    /**
     * A run with its marks as they were told elsewhere; marks that are known change nothing, new ones are added.
     *
     * @param array<array-key, mixed> $row of the shape of a run
     *
     * @return string new, changed or same
     *
     * @throws \Undro\DomainFault if it names a record there is not, or is another run with the same id
     */
    public function run(array $row, WayBack $back): string
    {
        $in = Input::of($row);
        $uuid = $in->text('id', 36);
        $run = Run::query()->where('uuid', $uuid)->first();
        $ended = isset($row['ended_at']) ? Clock::read($in, 'ended_at')->iso() : null;
        $back->changed('runs', $uuid, $run === null ? null : Document::run($run));
        $state = 'same';
        if ($run === null) {
            $state = 'new';
            $run = Run::query()->create([
                'uuid' => $uuid,
                'name' => $in->text('name', 120),
                'angler_id' => isset($row['angler']) ? $this->id(Angler::class, 'angler', $row['angler']) : null,
                'reel_id' => isset($row['reel']) ? $this->id(Reel::class, 'reel', $row['reel']) : null,
                'spool_id' => isset($row['spool']) ? $this->id(Spool::class, 'spool', $row['spool']) : null,
                'basis' => RunRecords::numbers(is_array($row['basis'] ?? null) ? $row['basis'] : []),
                'truth' => is_array($row['truth'] ?? null) ? $row['truth'] : null,
                'started_at' => Clock::read($in, 'started_at')->iso(),
                'ended_at' => $ended,
            ]);
        }
        $known = RunMark::query()->where('run_id', $run->id)->pluck('kind', 'uuid')->all();
        $marks = [];
        foreach ($in->objects('marks', 0, 20_000) as $mark) {
            $id = $mark->text('id', 36);
            if (!isset($known[$id])) {
                $told = RunRecords::numbersOfMark($mark->object('mark')->all());
                RunInput::mark(Input::of(['kind' => $mark->text('kind', 40)] + $told));
                RunMark::query()->where('uuid', $id)->doesntExist() || throw BadLedger::idOfSomethingElse($id);
                $marks[] = ['uuid' => $id, 'run_id' => $run->id, 'kind' => $mark->text('kind', 40), 'at' => Clock::read($mark, 'at')->iso(), 'mark' => json_encode((object) $told, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)];
                $known[$id] = true;
            }
        }
        foreach (array_chunk($marks, 400) as $chunk) {
            DB::table('run_marks')->insert($chunk);
        }
        if ($state === 'same' && ($marks !== [] || ($ended !== null && $run->ended_at === null))) {
            $state = 'changed';
            $run->update(['ended_at' => $run->ended_at ?? $ended]);
        }
        // what cannot be read again must not be kept
        RunCase::compute(Input::of(array_diff_key($run->basis, ['sources' => true, 'draft' => true]) + ['marks' => array_map(static fn(array $mark): array => ['kind' => $mark['kind'], 'at' => $mark['at']] + (array) json_decode($mark['mark'], true), $marks)]));

        return $state;
    }

    /** @return array{string, int} */
    private function place(mixed $place): array
    {
        $kind = PlaceKind::tryFrom(is_array($place) && is_string($place['kind'] ?? null) ? $place['kind'] : '') ?? PlaceKind::Unseen;
        $key = is_array($place) ? $place['key'] ?? '' : '';

        return [$kind->value, match ($kind) {
            PlaceKind::Filler => $this->id(Filler::class, 'key', $key),
            PlaceKind::Spool => $this->id(Spool::class, 'key', $key),
            PlaceKind::Carrier => is_numeric($key) && (int) $key > 0 ? (int) $key : throw BadLedger::noSuchPlace($kind),
            default => 0,
        }];
    }

    /** @return list<array<array-key, mixed>> */
    private static function list(mixed $value): array
    {
        return is_array($value) ? array_values(array_filter($value, is_array(...))) : [];
    }
}
