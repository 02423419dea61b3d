<?php

declare(strict_types=1);

namespace Undro\Run;

/**
 * How a run will stand if it goes on as planned: what a turn takes in, turn by turn, on the layer being wound and on those after it. Whoever
 * winds where nothing can be asked reads it from here.
 */
final readonly class Ahead
{
    /** Points on each layer. Between two of them what is left goes on so evenly that a straight line is right to a tenth of a turn. */
    public const POINTS = 20;
    /** So far beyond its stop a layer is followed, as a share of what is left to it. Ours. */
    private const BEYOND = 0.3;
    /** And at least so far, turns. */
    private const LEAST = 40.0;

    /**
     * @param int   $layer from the arbor out, from 0
     * @param float $turns of the handle, on this layer
     */
    private function __construct(public int $layer, public float $turns, public Standing $standing) {}

    /**
     * @param MarkReducer $heard what has happened by now
     *
     * @return list<self> layer by layer, by turns; of a layer on which turns tell no length its beginning alone
     *
     * @throws BadRun|\Undro\DomainFault if what has happened cannot have
     */
    public static function of(Course $course, MarkReducer $heard): array
    {
        $points = [];
        $then = clone $heard;
        for ($layer = $then->layer; $layer < count($course->layers); ++$layer) {
            if ($layer > $then->layer) {
                $then->hear(new Mark(MarkKind::Stopped, stop: Stop::AtMark));
                $then->hear(new Mark(MarkKind::Back, step: self::windingOf($then, $layer)));
            }
            $from = Standing::after($course, $then);
            $left = $from->progress->turnsLeft;
            array_push($points, ...self::along($course, $then, $from, $left));
            $then->hear(new Mark(MarkKind::Turns, turns: max(0.0, $left ?? 0.0)));
        }

        return $points;
    }

    /** @return list<self> */
    private static function along(Course $course, MarkReducer $then, Standing $from, ?float $left): array
    {
        $begun = $from->run->turns();
        $points = [new self($then->layer, $begun, $from)];
        $ahead = $left === null ? 0.0 : max(self::LEAST, $left * (1 + self::BEYOND));
        for ($point = 1; $ahead > 0 && $point <= self::POINTS; ++$point) {
            $turns = $ahead * $point / self::POINTS;
            $on = clone $then;
            $on->hear(new Mark(MarkKind::Turns, turns: $turns));
            $points[] = new self($then->layer, $begun + $turns, Standing::after($course, $on));
        }

        return $points;
    }

    private static function windingOf(MarkReducer $heard, int $layer): string
    {
        foreach ($heard->steps as $step) {
            if ($step->kind === StepKind::Wind && $step->layer === $layer) {
                return $step->id();
            }
        }
        throw BadRun::noSuchLayer($layer, $layer);
    }
}
