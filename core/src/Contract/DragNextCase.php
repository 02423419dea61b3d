<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Drag\BadDrag;
use Undro\Drag\Knob;
use Undro\Drag\KnobLaw;
use Undro\Drag\NextMove;
use Undro\Drag\Pull;
use Undro\Drag\Pulls;
use Undro\Input\BadInput;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Units\Force;

/** "drag_next": what to do after these pulls: pull again, move the knob, or leave it. */
final class DragNextCase implements Calculator
{
    /** Where the knob may stand, counted from wherever; wider than any thread. */
    private const POSITION = [-1000.0, 1000.0];
    /** Points of the believed knob law that a drawing gets. */
    private const POINTS = 16;

    public static function compute(Input $in): array
    {
        $target = $in->force('target_N', ...Bounds::FORCE_N);
        $knob = $in->choice('knob', Knob::class);
        $limits = $in->has('limits') ? $in->object('limits') : Input::of([]);
        $least = $limits->optionalNumber('min', ...self::POSITION);
        $most = $limits->optionalNumber('max', ...self::POSITION);
        $least === null || $most === null || $least <= $most || throw BadInput::outOfRange('limits.max', $most, $least, self::POSITION[1], '');
        $pulls = array_map(static fn(Input $pull): Pull => self::pull($pull, $knob, $least, $most), $in->objects('pulls', 1, 200));
        $pulls !== [] || throw BadInput::missing('pulls');
        $row = Pulls::of($pulls);
        $next = NextMove::after($target, $knob, $row, $least, $most);
        $here = $row->position();
        $why = $next->why($knob, $target);

        return [
            'state' => $next->state->value,
            ...$next->position === null ? [] : ['position' => $next->position],
            'median_N' => $row->median->inNewtons(),
            'sticky' => $row->sticky(),
            'scattered' => $row->scattered(),
            'why' => $why->text(),
            'because' => PlanCase::sentence($why),
            'target_N' => $target->inNewtons(),
            'stickiness' => $row->stickiness,
            'off' => $row->off($target),
            'spread' => $row->spread,
            'pulls_here' => $row->here,
            'out_of_reach' => $next->outOfReach,
            'as_near_as_it_goes' => $next->asNearAsItGoes,
            'within' => array_map(static fn(Force $edge): float => $edge->inNewtons(), Pulls::band($target)),
            'predicted_N' => $next->predicted()?->inNewtons(),
            'move' => $next->position === null ? null : ['words' => $knob->many($next->position - $here), 'way' => $next->position > $here ? 'tighter' : 'looser'],
            'pulls' => array_map(static fn(Pull $pull): array => [
                'position' => $pull->position,
                'running_N' => $pull->running->inNewtons(),
                'start_up_N' => $pull->startUp?->inNewtons(),
                'counts_N' => $pull->counts($row->stickiness)->inNewtons(),
                'off' => $pull->counts($row->stickiness)->inNewtons() / $target->inNewtons() - 1,
                'here' => abs($pull->position - $here) < 1e-6,
            ], $pulls),
            'law' => $in->boolean('law') ? self::law($next->law, $pulls) : [],
        ];
    }

    private static function pull(Input $in, Knob $knob, ?float $least, ?float $most): Pull
    {
        $position = $in->number('position', ...self::POSITION);

        return $in->make(static function () use ($in, $position, $knob, $least, $most): Pull {
            $knob === Knob::Turn || abs($position - round($position)) < 1e-6 || throw BadDrag::notWhole($knob, $position);
            $most === null || $position <= $most + 1e-6 || throw $knob === Knob::Notch ? BadDrag::pastStop($knob, $position, $most) : BadDrag::pastLimits($knob, $position, $least, $most);
            $least === null || $position >= $least - 1e-6 || throw BadDrag::pastLimits($knob, $position, $least, $most);

            return Pull::of($position, $in->force('running_N', ...Bounds::FORCE_N), $in->optionalForce('start_up_N', ...Bounds::FORCE_N));
        });
    }

    /**
     * The knob law as it is believed, over all positions there were.
     *
     * @param non-empty-list<Pull> $pulls
     *
     * @return list<array<string, float>>
     */
    private static function law(KnobLaw $law, array $pulls): array
    {
        $positions = array_map(static fn(Pull $pull): float => $pull->position, $pulls);
        [$from, $to] = [min($positions), max($positions)];

        return $to - $from < 1e-6 ? [] : array_map(static function (int $i) use ($law, $from, $to): array {
            $position = $from + ($to - $from) * $i / (self::POINTS - 1);
            [$force, $low, $high] = $law->band($position);

            return ['position' => $position, 'force_N' => $force, 'low_N' => $low, 'high_N' => $high];
        }, range(0, self::POINTS - 1));
    }
}
