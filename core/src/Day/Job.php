<?php

declare(strict_types=1);

namespace Undro\Day;

use Undro\Allocation\Demand;
use Undro\Allocation\Reserve;
use Undro\DomainFault;
use Undro\Fill\FilledLayer;
use Undro\Fill\Level;
use Undro\Fill\Role;
use Undro\Plan\Plan;
use Undro\Spool\Usual;
use Undro\Units\Length;
use Undro\Units\Sentence;
use Undro\Upkeep\Option;
use Undro\Way\Wanted;
use Undro\Way\WayId;

/** One spool of a bench day: what its fill comes to, and what is asked of the rack for it. */
final readonly class Job
{
    /** Washing the spool, knots, the level and the label, minutes a reel beside the winding. Ours. */
    private const AROUND_MIN = 6.0;
    /** Taking old line off: minutes a reel, and metres a minute. Ours. */
    private const STRIP_MIN = 1.0;
    private const STRIP_M_PER_MIN = 60.0;
    /** So much less than was asked for is another length, m. */
    private const GOES_M = 0.5;
    /** A level this far off the wanted one is worth a word, mm. */
    private const OFF_MM = 1.0;

    /**
     * @param Sentence|null $problem     why it cannot be planned; then the rest says nothing
     * @param Sentence|null $note      what was changed so that it fits
     * @param Length|null $backing     null: nothing goes under it
     * @param Length|null $backingHigh the upper end of its band
     * @param Demand|null $demand      null: it cannot be planned, or asks for no line
     * @param Length|null $off         old line that comes off before
     * @param Length|null $goes        whole metres of main line that go on, where that is not what was asked for
     */
    private function __construct(
        public string $id,
        public ?Sentence $problem = null,
        public ?Sentence $note = null,
        public float $soakMin = 0.0,
        public float $workMin = 0.0,
        public ?Length $main = null,
        public ?Length $backing = null,
        public ?Length $backingHigh = null,
        public ?Demand $demand = null,
        public ?Length $off = null,
        public ?Length $goes = null,
    ) {}

    /** The same, which no filler and no pack has the line for. */
    public function without(Sentence $problem): self
    {
        return new self($this->id, $problem, main: $this->main, backing: $this->backing, backingHigh: $this->backingHigh, off: $this->off);
    }

    /** Minutes for taking the old line off. */
    public function stripMin(): float
    {
        return $this->off === null || $this->off->inMetres() <= 0 ? 0.0 : self::STRIP_MIN + $this->off->inMetres() / self::STRIP_M_PER_MIN;
    }

    /**
     * @param string             $line         of the main line
     * @param list<string>       $backingLines that would do as backing
     * @param callable(): Wanted $wanted       its fault is the job's problem
     * @param float              $pace         handle turns a minute
     * @param Length|null        $off          old line that comes off before
     */
    public static function of(
        string $id,
        string $line,
        array $backingLines,
        callable $wanted,
        float $pace,
        ?Length $off = null,
    ): self {
        try {
            $asked = $wanted();
            $plan = Plan::of($asked);
        } catch (DomainFault $fault) {
            return new self($id, $fault->says, off: $off);
        }
        $main = self::length($plan, Role::Main);
        $backing = self::length($plan, Role::Backing);
        $solved = $plan->fill->solved;
        $high = $solved !== null && $solved->index === 0 && $backing > 0 ? $solved->band->high()->inMetres() : $backing;
        $turns = array_sum(array_map(
            static fn(FilledLayer $layer): float => $layer->handleTurns ?? $layer->length->inMetres() / Usual::RETRIEVE_M,
            $plan->fill->layers,
        ));
        $note = self::ends($asked, $plan);
        $wished = $asked->mainLength ?? Length::metres(0);
        $most = $plan->fill->fits() ? $main : min($main, $plan->mainMost->inMetres());
        $tooMuch = self::tooMuch($asked, $plan);
        if ($tooMuch || (!$plan->fill->fits() && $asked->way !== WayId::Kept)) {
            // as much of the main line as there is room for, and nothing under it
            $main = $tooMuch ? $plan->mainMost->inMetres() : $wished->inMetres();
            $most = $tooMuch ? $most : $main;
            [$backing, $high, $turns] = [0.0, 0.0, $main / Usual::RETRIEVE_M];
            $note = match (true) {
                !$tooMuch => Sentence::of('{0} of main line fills the spool without backing. Stop winding at the full level.', $wished),
                $asked->way === WayId::Kept => Sentence::of(
                    '{0} of main line doesn’t fit over the retained backing. There is room for {1}.',
                    $wished,
                    Length::metres($main),
                ),
                default => Sentence::of(
                    '{0} of main line doesn’t fit. Even without backing there is room for {1}.',
                    $wished,
                    Length::metres($main),
                ),
            };
        }
        $under = $backing > 0 && $backingLines !== [];

        return new self(
            $id,
            null,
            $note,
            self::soak($asked, $plan),
            self::AROUND_MIN + $turns / $pace,
            Length::metres($main),
            $backing > 0 ? Length::metres($backing) : null,
            $backing > 0 ? Length::metres($high) : null,
            new Demand(
                $id,
                $line,
                Length::metres($main + Reserve::MAIN_M),
                $under ? $backingLines : [],
                $under ? Length::metres($high + Reserve::BACKING_M) : null,
            ),
            $off,
            $most < ($asked->mainLength?->inMetres() ?? $main) - self::GOES_M ? Length::metres(floor($most)) : null,
        );
    }

    /**
     * What upkeep advises for a line that stays: nothing is filled, and only a top-up asks for line.
     *
     * @param float       $windMin of winding
     * @param string|null $line    of what is added
     */
    public static function care(string $id, Option $option, float $windMin, ?string $line): self
    {
        return $option->fits
            ? new self(
                $id,
                null,
                $option->says,
                0.0,
                self::AROUND_MIN + $windMin,
                demand: $line === null || $option->add->inMetres() <= 0 ? null : new Demand(
                    $id,
                    $line,
                    Length::metres($option->add->inMetres() + Reserve::BACKING_M),
                ),
            )
            : new self($id, $option->says);
    }

    /** The longest of its lines' soaks, minutes. */
    private static function soak(Wanted $wanted, Plan $plan): float
    {
        return max([0.0, ...array_map(
            static fn(FilledLayer $layer): float => $wanted->habits->soakSeconds($layer->layer->line->material) / 60,
            $plan->drawn->layers,
        )]);
    }

    /** Whether its main line is more than goes on. A little over full is not, over backing that stays, nor what agrees with the room within its band. */
    private static function tooMuch(Wanted $wanted, Plan $plan): bool
    {
        if ($plan->fill->fits()) {
            return false;
        }
        if ($wanted->way === WayId::Kept) {
            return $plan->level === null || Level::tooFull($plan->level->depth, $wanted->gap);
        }
        $over = ($wanted->mainLength?->inMetres() ?? INF) - $plan->mainMost->inMetres();

        return $over > max(self::GOES_M, $plan->mainMostHalf->inMetres());
    }

    /** Where a main line over backing that stays ends, if that is not where it should. */
    private static function ends(Wanted $wanted, Plan $plan): ?Sentence
    {
        $level = $plan->level?->depth;

        return $wanted->way === WayId::Kept && $level !== null
            && abs($level->inMillimetres() - $wanted->gap->inMillimetres()) > self::OFF_MM
            ? Sentence::of('The line would end {0} below the lip, and full is {1}. Choose another length, or new main line and backing.', $level, $wanted->gap)
            : null;
    }

    /** Metres. */
    private static function length(Plan $plan, Role $role): float
    {
        return array_sum(array_map(
            static fn(FilledLayer $layer): float => $layer->layer->role === $role ? $layer->length->inMetres() : 0.0,
            $plan->fill->layers,
        ));
    }
}
