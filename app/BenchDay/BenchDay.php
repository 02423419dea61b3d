<?php

declare(strict_types=1);

namespace App\BenchDay;

use App\Database\Row;
use App\Learning\Learning;
use App\Ledger\EventLog;
use App\Ledger\Lines;
use App\Ledger\SpoolStates;
use App\Models\Angler;
use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Reel;
use App\Models\Spool;
use App\Stock\Pack;
use App\Stock\Packs;
use App\Upkeep\SpoolUpkeep;
use App\Upkeep\UpkeepOfSpools;
use Undro\Allocation\Choices;
use Undro\Allocation\Part;
use Undro\Allocation\Reserve;
use Undro\Allocation\Source;
use Undro\Day\Day;
use Undro\Day\Job;
use Undro\Day\OldMain;
use Undro\Day\Task;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Habit\Habits;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Learning\ForPlan;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Ledger\Stretch;
use Undro\Line\Line;
use Undro\Spool\Usual;
use Undro\Strip\BadStrip;
use Undro\Units\Length;
use Undro\Upkeep\Finding;
use Undro\Upkeep\Remedy;
use Undro\Way\Kept;
use Undro\Way\Wanted;

/** Spools with the fills that are wanted on one day, and what the rack and the list of packs give for them. */
final readonly class BenchDay
{
    private const MOST_PACKS = 100;
    private const MOST_OFFERS = 3;

    public function __construct(
        private EventLog $log,
        private SpoolStates $states,
        private Learning $learning,
        private Packs $packs,
        private UpkeepOfSpools $upkeep,
        private Lines $lines,
    ) {}

    /**
     * What is usual on a spool; where nothing was ever wound on it, all of it new, of a line that is to be picked.
     *
     * @param SpoolUpkeep|null $care what its line needs
     */
    public function usual(Reel $reel, Spool $spool, ?SpoolUpkeep $care): UsualJob
    {
        $backed = OnSpool::of($this->states->lying($spool->id))->backing !== [];
        $task = Task::usual($care?->upkeep->state->calls() === true ? $care->upkeep->pick : null, $backed);
        $filled = $this->states->filled($spool->id);
        $main = $filled?->line();

        return $filled === null || $main === null
            ? new UsualJob($reel->id, $spool->id, Task::Refill, null, Length::metres(0), null)
            : new UsualJob(
                $reel->id,
                $spool->id,
                $task,
                $main,
                $task === Task::Replace ? $care?->upkeep->option(Remedy::Replace)->add ?? $filled->length() : $filled->length(),
                $filled->backingLine(),
            );
    }

    /**
     * @param list<Input> $wanted reel, spool, main, length, backing of each job
     *
     * @throws \Undro\DomainFault naming the jobs there is no line for
     */
    public function propose(array $wanted, Choices $choices, ?Angler $angler): Proposal
    {
        $packs = array_slice(
            array_values(array_filter($this->packs->all(), static fn(Pack $pack): bool => $pack->price() !== null)),
            0,
            self::MOST_PACKS,
        );
        $off = $this->off($wanted, $angler);
        foreach ($wanted as $in) {
            $old = $off[(int) ($in->optionalNumber('reuse', 1, PHP_INT_MAX) ?? 0)] ?? null;
            if ($old !== null) {
                $choices = $choices->pinned('spool:' . (int) $in->number('spool', 1, PHP_INT_MAX), Part::Backing, "spool:$old->spool");
            }
        }
        $fillers = array_map(
            static fn(OldMain $old): Source => Source::filler("spool:$old->spool", "line:$old->line", $old->length),
            array_values(array_filter($off, static fn(OldMain $old): bool => $old->taken)),
        );
        foreach (Filler::inUse()->orderBy('id')->get() as $filler) {
            // what is cut from one that was weighed is surely on it
            $left = $this->log->ledger()->sure($filler->place());
            if ($left->inMetres() > 0) {
                $fillers[] = Source::filler("filler:$filler->id", "line:$filler->line_product_id", $left);
            }
        }

        $jobs = array_map(fn(Input $job): Job => $this->job($job, $angler, $off), $wanted);

        return new Proposal(Day::of(
            $jobs,
            $fillers,
            array_map(static fn(Pack $pack, int $place): Source => Source::pack(
                $place,
                "line:$pack->line",
                Length::metres($pack->metres),
                $pack->price()->amount ?? 0.0,
            ), $packs, array_keys($packs)),
            $choices,
        ), $packs, array_values($off), $this->offers($wanted, $jobs, $angler, $off));
    }

    /**
     * The old main line of each spool that is filled anew.
     *
     * @param list<Input> $wanted
     *
     * @return array<int, OldMain> by spool
     */
    private function off(array $wanted, ?Angler $angler): array
    {
        $off = [];
        $reused = [];
        foreach ($wanted as $in) {
            $reused[(int) ($in->optionalNumber('reuse', 1, PHP_INT_MAX) ?? 0)] = true;
        }
        foreach ($wanted as $in) {
            $spool = (int) $in->number('spool', 1, PHP_INT_MAX);
            $on = OnSpool::of($this->states->lying($spool));
            $line = $on->line();
            if ($in->choice('task', Task::class, Task::Refill)->remedy() !== null || $line === null) {
                continue;
            }
            $reel = Reel::query()->find((int) $in->number('reel', 1, PHP_INT_MAX));
            $care = $reel === null ? null : $this->upkeep->of($reel, Spool::query()->findOrFail($spool), $angler);
            $off[$spool] = new OldMain(
                $spool,
                $line,
                $this->lines->product($line)->line(),
                $on->length(),
                ($care?->upkeep->found[0]->found ?? Finding::Fine)->sound(),
                isset($reused[$spool]),
            );
        }

        return $off;
    }

    /**
     * Old line that would do under another of the day's spools: planned with it, as it will be wound, it is long enough.
     *
     * @param list<Input>         $wanted
     * @param list<Job>           $jobs
     * @param array<int, OldMain> $off
     *
     * @return list<array{spool: int, from: OldMain}>
     */
    private function offers(array $wanted, array $jobs, ?Angler $angler, array $off): array
    {
        $offers = [];
        foreach ($wanted as $place => $in) {
            $job = $jobs[$place];
            $spool = (int) $in->number('spool', 1, PHP_INT_MAX);
            $of = static fn(string $key): ?Line => LineProduct::query()->find((int) ($in->optionalNumber($key, 1, PHP_INT_MAX) ?? 0))?->line();
            [$main, $backing] = [$of('main'), $of('backing')];
            if ($job->backing === null || $main === null || $backing === null || $in->has('reuse')) {
                continue;
            }
            $likely = array_filter($off, static fn(OldMain $old): bool => $old->spool !== $spool && $old->under($main, $backing, $job->backing));
            usort($likely, static fn(OldMain $a, OldMain $b): int => $a->length->inMetres() <=> $b->length->inMetres());
            foreach (array_slice($likely, 0, self::MOST_OFFERS) as $old) {
                $with = $this->job(Input::of(['reuse' => $old->spool] + $in->all()), $angler, $off);
                if ($with->backingHigh !== null && $with->backingHigh->inMetres() + Reserve::BACKING_M <= $old->length->inMetres()) {
                    $offers[] = ['spool' => $spool, 'from' => $old];
                }
            }
        }

        return $offers;
    }

    /** @param array<int, OldMain> $off */
    private function job(Input $in, ?Angler $angler, array $off): Job
    {
        $reel = Reel::query()->findOrFail((int) $in->number('reel', 1, PHP_INT_MAX));
        $spool = Spool::query()->findOrFail((int) $in->number('spool', 1, PHP_INT_MAX));
        $old = $off[(int) ($in->optionalNumber('reuse', 1, PHP_INT_MAX) ?? 0)] ?? null;
        $backing = LineProduct::query()->find($old->line ?? (int) ($in->optionalNumber('backing', 1, PHP_INT_MAX) ?? 0));
        $task = $in->choice('task', Task::class, Task::Refill);
        $remedy = $task->remedy();
        if ($remedy !== null) {
            return $this->care($reel, $spool, $remedy, $angler);
        }
        $backing = $task === Task::Replace ? null : $backing;
        $main = LineProduct::query()->findOrFail((int) $in->number('main', 1, PHP_INT_MAX));
        $on = OnSpool::of($this->states->lying($spool->id));

        return Job::of(
            "spool:$spool->id",
            "line:$main->id",
            $backing === null ? [] : self::standIns($backing),
            fn(): Wanted => $this->wanted($in, $reel, $spool, $main, $backing, $angler, $task === Task::Replace),
            $reel->user($angler)->pace_turns_per_min ?? Usual::PACE_TURNS_PER_MIN,
            $task === Task::Replace ? $on->length() : $on->length()->plus(Piece::total($on->backing)),
        );
    }

    /** What upkeep says of the line that is on, done on this day. */
    private function care(Reel $reel, Spool $spool, Remedy $remedy, ?Angler $angler): Job
    {
        $care = $this->upkeep->of($reel, $spool, $angler) ?? throw BadStrip::nothingThere();
        $option = $care->upkeep->option($remedy);

        return Job::care(
            "spool:$spool->id",
            $option,
            $care->upkeep->minutes($option, $care->pace),
            $care->backing === null ? null : "line:$care->backing",
        );
    }

    /** @throws \Undro\DomainFault naming the figure that cannot be */
    private function wanted(
        Input $in,
        Reel $reel,
        Spool $spool,
        LineProduct $main,
        ?LineProduct $backing,
        ?Angler $angler,
        bool $keep,
    ): Wanted {
        $on = OnSpool::of($this->states->lying($spool->id));
        $under = $keep ? $on->backingLine() : $backing?->id;
        $learnt = $this->learning->about($spool->id, $main->id, $under);
        $shape = $spool->spool($reel->kind);
        $line = $main->line();

        return Wanted::simply(
            $reel->kind,
            $learnt?->spool($shape) ?? $shape,
            $learnt?->main($line) ?? $line,
            $in->optionalMetres('length', ...Bounds::LENGTH_M),
            $backing === null ? null : ($learnt?->backing($backing->line()) ?? $backing->line()),
            $reel->fullLevel($spool, $line, $angler)->gap,
            $reel->gear_ratio,
            ($angler ?? $reel->angler)?->ownHabits() ?? Habits::of([]),
            $keep ? Kept::of(null, 3, $this->kept($on, $learnt), true, array_map(
                static fn(Stretch $each): ?Length => $each->half,
                OnSpool::of($on->backing)->stretches(),
            )) : null,
        );
    }

    /** @return list<Layer> the backing that stays, as finished fills have shown it to lie */
    private function kept(OnSpool $on, ?ForPlan $learnt): array
    {
        return array_map(
            static fn(Layer $layer): Layer => $learnt === null || $layer->length === null
                ? $layer
                : Layer::of(Role::Backing, $learnt->backing($layer->line), $layer->length),
            $this->lines->layers($on->backing),
        );
    }

    /** @return list<string> any line of the same make-up lies the same and may stand in */
    private static function standIns(LineProduct $backing): array
    {
        $same = LineProduct::inUse()->where('material', $backing->material->value)->where('diameter_mm', $backing->diameter_mm);

        return array_map(static fn(int $id): string => "line:$id", Row::ints($same, 'id'));
    }
}
