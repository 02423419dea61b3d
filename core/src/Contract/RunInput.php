<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\FilledLayer;
use Undro\Fill\Layer;
use Undro\Habit\Question;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Material;
use Undro\Plan\Plan;
use Undro\Run\BadRun;
use Undro\Run\Mark;
use Undro\Run\MarkKind;
use Undro\Run\Setting;
use Undro\Run\Stop;
use Undro\Run\Tension;
use Undro\Twist\Feed;
use Undro\Twist\Sense;
use Undro\Twist\Slack;
use Undro\Units\Length;
use Undro\Way\WayId;

/** A run as it is kept: the plan it started from, and what happened since. */
final readonly class RunInput
{
    private const MARKS = 20_000;
    /** What a mark may say beside its kind and time. */
    public const FIELDS = ['step', 'turns', 'metres', 'depths', 'sure', 'slack', 'firm', 'stop', 'words', 'rotor_turns', 'filler_turns', 'feed', 'tension'];

    /**
     * @param list<Layer> $layers as planned, the one to be found still open
     * @param list<Mark>  $marks
     */
    private function __construct(
        public PlanInput $read,
        public Plan $plan,
        public array $layers,
        public Setting $setting,
        public array $marks,
        public ?float $pace,
    ) {}

    /** @throws \Undro\DomainFault */
    public static function read(Input $in): self
    {
        $case = $in->object('case');
        $read = PlanInput::read($case);
        $plan = $case->make(static fn(): Plan => Plan::of($read->wanted));
        $plan->fill->fits() && $plan->fill->layers !== [] || throw BadRun::doesNotFit();
        $open = $plan->fill->solved?->index;
        $layers = array_map(
            static fn(FilledLayer $each, int $index): Layer => $index === $open ? Layer::open($each->layer->role, $each->layer->line) : $each->layer,
            $plan->fill->layers,
            array_keys($plan->fill->layers),
        );
        $arbor = $plan->fill->spool->geometry?->arbor;

        return new self($read, $plan, $layers, new Setting(
            $read->reel,
            $layers,
            $read->wanted->habits,
            $in->metres('old_line_m', ...[...Bounds::LENGTH_M, 0.0]),
            $arbor !== null && !$arbor->isStraight(),
            $read->wanted->grips,
            // braid is seen and does not stand rubbing; otherwise only where the angler always ties one
            $in->has('leader') ? $in->boolean('leader') : $read->wanted->main->material === Material::Braid || $read->wanted->habits->departs(Question::Leader),
            $read->wanted->way === WayId::Tape,
        ), array_map(self::mark(...), $in->objects('marks', 0, self::MARKS)), $in->optionalNumber('pace_turns_per_min', 1, 400));
    }

    /** @throws \Undro\DomainFault */
    public static function mark(Input $in): Mark
    {
        $step = $in->text('step', 40);

        return new Mark(
            $in->choice('kind', MarkKind::class),
            $in->text('at', 40),
            $step === '' ? null : $step,
            $in->number('turns', -5000, 5000, 0),
            self::metres($in),
            array_map(
                static fn(Input $each): Length => $each->optionalMillimetres('mm', -20, 200) ?? throw BadRun::noReadings(),
                $in->objects('depths', 0, 12),
            ),
            $in->boolean('sure'),
            $in->optionalChoice('slack', Slack::class),
            $in->has('firm') ? $in->boolean('firm') : null,
            $in->optionalChoice('stop', Stop::class),
            $in->text('words', 500),
            $in->optionalChoice('rotor_turns', Sense::class),
            $in->optionalChoice('filler_turns', Sense::class),
            $in->optionalChoice('feed', Feed::class),
            $in->optionalChoice('tension', Tension::class),
        );
    }

    /** Metres may be taken back, so they may be below 0. */
    private static function metres(Input $in): ?Length
    {
        return $in->optionalMetres('metres', -5000, Bounds::LENGTH_M[1]);
    }
}
