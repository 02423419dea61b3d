<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Drag\Pulls;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Practice\Attempt;
use Undro\Practice\DragTrial;
use Undro\Practice\Rehearsal;
use Undro\Practice\SimulatedDrag;
use Undro\Units\Force;

/** "drag_practice": what the scale reads of a made-up drag, pull by pull; and what it was really like, when it is over. */
final class DragPracticeCase implements Calculator
{
    private const POINTS = 30;

    /**
     * Question and answer: handbook, chapter 7, "drag_practice".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $target = $in->force('target_N', ...Bounds::FORCE_N);
        $seed = (int) $in->number('seed', 1, 1_000_000);
        $drag = SimulatedDrag::drawn($seed, $target);
        $attempts = array_map(static fn(Input $pull): Attempt => new Attempt(
            $pull->number('position', -100, 100),
            $pull->boolean('fast'),
            $pull->boolean('zeroed', true),
            $pull->boolean('past', true),
        ), $in->objects('pulls', 0, 200));
        $turns = array_map(static fn(Attempt $attempt): float => $attempt->turns, $attempts);
        $rehearsal = new Rehearsal($seed, $target, $drag, $attempts);
        $over = $in->boolean('over') && $turns !== [];
        $pulls = [];
        $mistakes = [];
        foreach ($attempts as $number => $attempt) {
            $shown = $rehearsal->shows($number);
            $pulls[] = [
                'position' => $attempt->turns,
                'running_N' => $shown['running']?->inNewtons(),
                'start_up_N' => $shown['startUp']?->inNewtons(),
                'broke' => $shown['broke'],
            ];
            foreach ($rehearsal->mistakes($number, $over) as $mistake) {
                $mistakes[] = ['id' => $mistake->value, 'pull' => $number, 'word' => $mistake->word(), 'says' => $mistake->says()];
            }
        }

        return [
            'target_N' => $target->inNewtons(),
            'within' => array_map(static fn(Force $edge): float => $edge->inNewtons(), Pulls::band($target)),
            'pulls' => $pulls,
            'mistakes' => $mistakes,
            'line_N' => $rehearsal->line()->inNewtons(),
            'rests_N' => $rehearsal->rests(count($attempts))->inNewtons(),
            'truth' => $over ? self::truth($drag, $turns, DragTrial::of($seed, $target)) : null,
        ];
    }

    /**
     * @param non-empty-list<float> $turns
     *
     * @return array<string, mixed>
     */
    private static function truth(SimulatedDrag $drag, array $turns, DragTrial $byRule): array
    {
        [$from, $to] = [min($turns), max($turns)];
        $moves = 0;
        foreach ($turns as $i => $at) {
            $moves += $i > 0 && abs($at - $turns[$i - 1]) > 1e-6 ? 1 : 0;
        }
        $last = $turns[count($turns) - 1];

        return [
            'says' => $drag->says(),
            'stickiness' => $drag->stickiness,
            'moves' => $moves,
            'running_N' => $drag->running($last)->inNewtons(),
            'start_up_N' => $drag->stickiness * $drag->running($last)->inNewtons(),
            'by_rule' => ['moves' => $byRule->moves, 'pulls' => $byRule->pulls],
            'curve' => array_map(static function (int $i) use ($drag, $from, $to): array {
                $at = $from + max(0.5, $to - $from) * $i / (self::POINTS - 1);
                $running = $drag->running($at)->inNewtons();

                return ['position' => $at, 'running_N' => $running, 'start_up_N' => $drag->stickiness * $running];
            }, range(0, self::POINTS - 1)),
        ];
    }
}
