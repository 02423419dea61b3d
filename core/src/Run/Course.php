<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Fill\FilledLayer;
use Undro\Fill\Layer;
use Undro\Habit\Question;
use Undro\Line\Material;
use Undro\Plan\Plan;
use Undro\Spool\LipShape;
use Undro\Spool\TypicalReel;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Way\Wanted;
use Undro\Way\WayId;

/** What a run sets out with: the plan it follows, its layers, and the reel as it is set up. What happens is read against it. */
final readonly class Course
{
    /**
     * @param list<Layer> $layers as planned, the one to be found still open
     * @param float|null  $pace   handle turns a minute
     */
    private function __construct(
        public Wanted $wanted,
        public Plan $plan,
        public array $layers,
        public Setting $setting,
        public LipShape $lip,
        public ?Length $bevel,
        public ?float $pace,
    ) {}

    /**
     * @param array<string, Diameter> $fillers across the line on each filler, by role, where it is known
     * @param Length    $oldLine on the spool, to be taken off first
     * @param bool|null $leader  whether one is tied; null: braid is seen and does not stand rubbing, otherwise only by habit
     *
     * @throws BadRun if the fill does not fit
     */
    public static function of(Wanted $wanted, Plan $plan, LipShape $lip, ?Length $bevel, Length $oldLine, ?bool $leader, ?float $pace, array $fillers = []): self
    {
        $plan->fill->fits() && $plan->fill->layers !== [] || throw BadRun::doesNotFit();
        $open = $plan->fill->solved?->index;
        $layers = array_map(
            static fn(FilledLayer $each, int $index): Layer => $index === $open
                ? Layer::open($each->layer->role, $each->layer->line)
                : $each->layer,
            $plan->fill->layers,
            array_keys($plan->fill->layers),
        );
        $arbor = $plan->fill->spool->geometry?->arbor;

        return new self($wanted, $plan, $layers, new Setting(
            $wanted->reel,
            $layers,
            $wanted->habits,
            $oldLine,
            $arbor !== null && !$arbor->isStraight() && $wanted->way !== WayId::Kept,
            $wanted->grips,
            $leader ?? ($wanted->main->material === Material::Braid || $wanted->habits->departs(Question::Leader)),
            $wanted->way === WayId::Tape,
            $wanted->way === WayId::Kept ? $wanted->kept : null,
            $wanted->mainOffReel,
            $fillers,
            $wanted->mainParked,
        ), $lip, $bevel, $pace);
    }

    /** What a handle turn winds where shape or gear ratio are not known; null: both are. */
    public function byExperience(): ?TypicalReel
    {
        return TypicalReel::of($this->wanted->reel, $this->plan->fill->spool, $this->wanted->gearRatio);
    }

    /** Nothing has happened yet. */
    public function begin(): MarkReducer
    {
        return new MarkReducer(Steps::for($this->setting));
    }
}
