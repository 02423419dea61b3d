<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Drag\Doubt;
use Undro\Drag\Knob;
use Undro\Drag\KnobLaw;
use Undro\Drag\NextMove;
use Undro\Drag\Pull;
use Undro\Drag\Pulls;
use Undro\Input\BadInput;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\PullsInput;
use Undro\Json\Written;
use Undro\Units\Force;

/** "drag_next": what to do after these pulls: pull again, move the knob, or leave it. */
final class DragNextCase implements Calculator
{
    /** Points of the believed knob law that a drawing gets. */
    private const POINTS = 16;

    /**
     * Question and answer: handbook, chapter 7, "drag_next".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $target = $in->force('target_N', ...Bounds::FORCE_N);
        $read = PullsInput::read($in);
        [$knob, $least, $most, $pulls] = [$read->knob, $read->least, $read->most, $read->pulls];
        $pulls !== [] || throw BadInput::missing('pulls');
        $row = Pulls::of($pulls);
        $next = NextMove::after($target, $knob, $row, $least, $most);
        $here = $row->position();
        $why = $next->why($knob, $target);
        $doubt = Doubt::of($knob, $pulls, $read->sure, $in->optionalForce('weakest_N', ...Bounds::FORCE_N));

        return [
            'state' => $next->state->value,
            ...$next->position === null ? [] : ['position' => $next->position],
            'median_N' => $row->median->inNewtons(),
            'sticky' => $row->peaksOnly ? null : $row->sticky(),
            'scattered' => $row->scattered(),
            'why' => $why->text(),
            'because' => Written::sentence($why),
            'doubt' => $doubt === null ? null : [
                'pull' => $doubt->index,
                'says' => Written::sentence($doubt->says),
                'offered' => $doubt->offered === null ? null : [
                    'running_N' => $doubt->offered->running?->inNewtons(),
                    'start_up_N' => $doubt->offered->startUp?->inNewtons(),
                ],
            ],
            'target_N' => $target->inNewtons(),
            'peaks_only' => $row->peaksOnly,
            'preset' => $next->outOfReach && $knob === Knob::Notch,
            'stickiness' => $row->stickiness,
            'off' => $row->off($target),
            'spread' => $row->spread,
            'pulls_here' => $row->here,
            'out_of_reach' => $next->outOfReach,
            'as_near_as_it_goes' => $next->asNearAsItGoes,
            'within' => array_map(static fn(Force $edge): float => $edge->inNewtons(), Pulls::band($target)),
            'predicted_N' => $next->predicted()?->inNewtons(),
            'move' => $next->position === null ? null : [
                'words' => $knob->many($next->position - $here),
                'way' => $next->position > $here ? 'tighter' : 'looser',
            ],
            'pulls' => array_map(static fn(Pull $pull): array => [
                'position' => $pull->position,
                'running_N' => $pull->running?->inNewtons(),
                'start_up_N' => $pull->startUp?->inNewtons(),
                'counts_N' => $pull->counts($row->stickiness)->inNewtons(),
                'off' => $pull->counts($row->stickiness)->inNewtons() / $target->inNewtons() - 1,
                'here' => abs($pull->position - $here) < 1e-6,
            ], $pulls),
            'law' => $in->boolean('law') ? self::law($next->law, $pulls) : [],
        ];
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
