<?php

declare(strict_types=1);

namespace App\Log;

use App\Clock;
use App\Models\Event as EventRow;
use App\Models\LevelReading;
use App\Models\LineProduct;
use App\Models\Run;
use App\Models\RunMark;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Undro\Contract\Compute;
use Undro\Contract\RunCase;
use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Ledger\BadLedger;
use Undro\Ledger\Count;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Line\LineSize;
use Undro\Line\Material;
use Undro\Run\BadRun;
use Undro\Run\MarkKind;
use Undro\Run\Progress;
use Undro\Run\Stop;
use Undro\Units\Length;

/** Runs as they go on: takes marks in, and writes what is wound into the log when it stops. */
final readonly class Bench
{
    /** Less than this is not worth an entry, m. */
    private const NOTHING_M = 0.05;
    /** What a mark says to the log alone: the filler a layer goes on from; what becomes of old line, and where it goes. */
    private const OWN_FIELDS = ['filler', 'how', 'to'];

    public function __construct(private EventLog $log, private OldLine $oldLine) {}

    /**
     * How a run stands.
     *
     * @return array<string, mixed>
     *
     * @throws \Undro\DomainFault
     */
    public function state(Run $run): array
    {
        return Compute::run('run', $this->question($run));
    }

    /**
     * Writes marks down, whole or not at all. One that is known already changes nothing.
     *
     * @param list<Input> $marks each with an id of the client's
     *
     * @return array<string, mixed> how the run stands then
     *
     * @throws \Undro\DomainFault if one cannot have happened
     */
    public function hear(Run $run, array $marks): array
    {
        return DB::transaction(function () use ($run, $marks): array {
            foreach ($marks as $in) {
                $uuid = $in->text('id', 36);
                $known = RunMark::query()->where('uuid', $uuid)->first();
                if ($known === null && EventRow::query()->where('uuid', $uuid)->doesntExist()) {
                    $this->take($run, $uuid, $in);
                } elseif ($known?->run_id !== $run->id || $known->kind !== $in->choice('kind', MarkKind::class)->value) {
                    throw BadLedger::idOfSomethingElse($uuid);
                }
            }
            // read once with all of them: what cannot have happened is refused here
            return $this->state($run);
        });
    }

    /**
     * What was wound and written, stop by stop.
     *
     * @return list<array{layer: mixed, length_m: mixed, stop: mixed}>
     */
    public function writtenBy(Run $run): array
    {
        $written = [];
        foreach ($this->rows($run) as [$kind, , $mark]) {
            if (is_numeric($mark['written_m'] ?? null) && $mark['written_m'] > 0) {
                $written[] = ['layer' => $mark['layer'] ?? 0, 'length_m' => $mark['written_m'], 'stop' => $mark['stop'] ?? ($kind === MarkKind::Left->value ? 'left' : 'early')];
            }
        }

        return $written;
    }

    /** Takes back all that a run wrote into the log. */
    public function takeBack(Run $run): void
    {
        DB::transaction(function () use ($run): void {
            $out = $this->log->takenBack();
            foreach (EventRow::query()->where('run_id', $run->id)->orderByDesc('id')->get() as $event) {
                if ($event->kind !== EventKind::Voided->value && !isset($out[$event->uuid])) {
                    $this->log->record((string) Str::uuid(), EventKind::Voided, [], corrects: $event->uuid, run: $run->id);
                }
            }
            $run->update(['ended_at' => $run->ended_at ?? Clock::now()]);
        });
    }

    /** The line a role's figures speak of; one that is on no rack yet is put there, so that the log can name it. @throws \Undro\DomainFault */
    public static function product(?int $line, Input $figures): int
    {
        if ($line !== null && LineProduct::query()->whereKey($line)->exists()) {
            return $line;
        }
        $material = $figures->choice('material', Material::class, Material::Mono);
        $typed = $figures->text('size', 40);
        $size = $figures->read('size', static fn(): LineSize => LineSize::read($typed, $material));
        $name = ucfirst($material->word()) . ' ' . trim($typed);

        return LineProduct::query()->firstOrCreate(['name' => $name, 'material' => $material->value], [
            'size_typed' => $typed,
            'diameter_mm' => $size->diameter->inMillimetres(),
            'nominal' => $size->nominal,
        ])->id;
    }

    /** Takes one mark: whatever it ends is written into the log first. */
    private function take(Run $run, string $uuid, Input $in): void
    {
        $kind = $in->choice('kind', MarkKind::class);
        RunInput::mark($in);
        $mark = array_intersect_key($in->all(), array_flip([...RunInput::FIELDS, ...self::OWN_FIELDS]));
        if ($kind === MarkKind::Stripped && $run->spool_id !== null && !$run->isPractice()) {
            $this->oldLine->write($uuid, $run->spool_id, $in, $run->angler_id, $run->id);
        }
        if ($kind->mayEndALayer()) {
            $before = $this->stand($run)[0]->layer;
            $ends = $kind->endsALayer() || $this->stand($run, ['kind' => $kind->value] + $mark)[0]->layer > $before;
            $mark += ['layer' => $before] + ($ends ? ['written_m' => $this->write($run, $uuid, $in->optionalChoice('stop', Stop::class))] : []);
        }
        $run->marks()->create(['uuid' => $uuid, 'kind' => $kind->value, 'at' => Clock::now(), 'mark' => $mark]);
        if ($kind === MarkKind::Finished) {
            $this->writeLevel($run);
        }
        if ($kind === MarkKind::Left || $kind === MarkKind::Finished) {
            $run->update(['ended_at' => Clock::now()]);
        }
    }

    /**
     * @param array<array-key, mixed>|null $mark one more than is written down yet
     *
     * @return array{\Undro\Run\Run, Progress}
     */
    private function stand(Run $run, ?array $mark = null): array
    {
        return RunCase::stand(RunInput::read(Input::of($this->question($run, ...array_filter([$mark])))));
    }

    /** Writes what is on the layer being wound and not yet in the log. @return float how much, m */
    private function write(Run $run, string $uuid, ?Stop $stop): float
    {
        [$told, $at] = $this->stand($run);
        $layer = $told->layer;
        $metres = $at->wound[$layer]->inMetres();
        foreach ($this->rows($run) as [, , $mark]) {
            if (($mark['layer'] ?? null) === $layer) {
                $written = $mark['written_m'] ?? 0;
                $metres -= is_numeric($written) ? (float) $written : 0.0;
            }
        }
        if ($metres < self::NOTHING_M) {
            return 0.0;
        }
        if ($run->spool_id !== null && !$run->isPractice()) {
            $this->wind($run, $uuid, $layer, Length::metres($metres), $stop === Stop::FillerOut);
        }

        return $metres;
    }

    /** How full the finished spool came out, as it was read in the run: what plans learn from. */
    private function writeLevel(Run $run): void
    {
        if ($run->spool_id === null || $run->isPractice()) {
            return;
        }
        $depths = [];
        foreach ($this->rows($run) as [$kind, , $mark]) {
            // read before the last line had stopped it says nothing of the finished spool
            $depths = is_numeric($mark['written_m'] ?? null) && $mark['written_m'] > 0 ? [] : $depths;
            if ($kind === MarkKind::Depth->value) {
                $depths = RunInput::mark(Input::of(['kind' => $kind] + $mark))->depths;
            }
        }
        if ($depths === []) {
            return;
        }
        $gap = array_sum(array_map(static fn(Length $depth): float => $depth->inMillimetres(), $depths)) / count($depths);
        $event = $this->log->record((string) Str::uuid(), EventKind::Measured, [], angler: $run->angler_id, note: $run->name, run: $run->id);
        LevelReading::query()->create(['event_id' => $event->id, 'spool_id' => $run->spool_id, 'gap_typed' => sprintf('%.2F mm', $gap), 'gap_mm' => $gap, 'readings' => count($depths), 'counts' => true]);
    }

    /** Line from where it comes from onto the spool. */
    private function wind(Run $run, string $uuid, int $layer, Length $length, bool $emptied): void
    {
        [$from, $product] = $this->source($run, $layer);
        $onto = Place::of(PlaceKind::Spool, $run->spool_id ?? 0);
        // a filler may hold more than its label said: what was not known of comes from nowhere known
        $there = $from === null ? 0.0 : min($length->inMetres(), $this->log->ledger()->length($from)->inMetres());
        $rest = $length->inMetres() - $there;
        $moves = [];
        if ($from !== null && $there > 1e-6) {
            $moves[] = Move::of($from, $onto, Length::metres($there), $product);
        }
        if ($rest > 1e-6) {
            $moves[] = Move::of(Place::of($from === null ? PlaceKind::Shop : PlaceKind::Unseen), $onto, Length::metres($rest), $product);
        }
        $counts = $emptied && $from !== null ? [new Count($from, Length::metres(0), $product)] : [];
        $this->log->record($uuid, EventKind::Wound, $moves, $counts, angler: $run->angler_id, note: $run->name, run: $run->id);
    }

    /**
     * Where a layer's line comes from, the last filler that was named for it.
     *
     * @return array{Place|null, int}
     */
    private function source(Run $run, int $layer): array
    {
        $sources = $run->basis['sources'] ?? [];
        $source = is_array($sources) && is_array($sources[$layer] ?? null) ? $sources[$layer] : throw BadRun::noSuchLayer($layer, 0);
        $in = Input::of($source);
        $filler = $in->optionalNumber('filler', 1, PHP_INT_MAX);
        $spool = $in->optionalNumber('spool', 1, PHP_INT_MAX);
        foreach ($this->rows($run) as [$kind, , $mark]) {
            if ($kind === MarkKind::Resumed->value && ($mark['layer'] ?? null) === $layer && is_numeric($mark['filler'] ?? null)) {
                $filler = (float) $mark['filler'];
            }
        }
        $place = match (true) {
            $filler !== null => Place::of(PlaceKind::Filler, (int) $filler),
            $spool !== null => Place::of(PlaceKind::Spool, (int) $spool),
            default => null,
        };

        return [$place, (int) $in->number('line', 1, PHP_INT_MAX)];
    }

    /**
     * What the core is asked about a run.
     *
     * @param array<array-key, mixed> ...$more marks that are not written down yet
     *
     * @return array<string, mixed>
     */
    public function question(Run $run, array ...$more): array
    {
        $basis = array_diff_key($run->basis, ['sources' => true, 'draft' => true]);

        return $basis + ['marks' => [...$this->marks($run), ...array_map(self::told(...), array_values($more))]];
    }

    /**
     * What happened, for the core. Turns and metres add up, so those between two other marks are told as one of each: a long fill
     * is hundreds of them.
     *
     * @return list<array<array-key, mixed>>
     */
    private function marks(Run $run): array
    {
        $marks = [];
        $sums = [];
        foreach ($this->rows($run) as [$kind, $at, $mark]) {
            $counted = match ($kind) {
                MarkKind::Turns->value => $mark['turns'] ?? 0,
                MarkKind::Counted->value => $mark['metres'] ?? 0,
                default => null,
            };
            if (is_int($counted) || is_float($counted)) {
                $sums[$kind] = ($sums[$kind] ?? 0) + $counted;
                continue;
            }
            $marks = [...$marks, ...self::summed($sums), self::told(['kind' => $kind, 'at' => $at] + $mark)];
            $sums = [];
        }

        return [...$marks, ...self::summed($sums)];
    }

    /**
     * @param array<array-key, mixed> $mark
     *
     * @return array<array-key, mixed> what of it the core hears
     */
    private static function told(array $mark): array
    {
        return array_intersect_key($mark, array_flip(['kind', 'at', ...RunInput::FIELDS]));
    }

    /**
     * @param array<string, float|int> $sums turns and metres, by kind of mark
     *
     * @return list<array<string, mixed>>
     */
    private static function summed(array $sums): array
    {
        return array_map(
            static fn(string $kind): array => ['kind' => $kind, ($kind === MarkKind::Turns->value ? 'turns' : 'metres') => $sums[$kind]],
            array_keys($sums),
        );
    }

    /** @return iterable<array{string, string, array<array-key, mixed>}> kind, time and what was said; not as models, of which there would be hundreds */
    private function rows(Run $run): iterable
    {
        if (!$run->exists) {
            return;
        }
        /** @var object{kind: string, at: string, mark: string} $row */
        foreach (DB::table('run_marks')->where('run_id', $run->id)->orderBy('id')->get(['kind', 'at', 'mark']) as $row) {
            $mark = json_decode($row->mark, true);
            yield [$row->kind, $row->at, is_array($mark) ? $mark : []];
        }
    }
}
