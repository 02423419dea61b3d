<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Practice\Hanging;
use Undro\Practice\SimulatedReel;
use Undro\Run\Course;
use Undro\Run\Ending;
use Undro\Run\Run;
use Undro\Run\Standing;
use Undro\Run\Stretch;
use Undro\Twist\Feed;
use Undro\Twist\FillerSpool;
use Undro\Twist\Placing;
use Undro\Twist\Twist;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** What a run on a made-up reel has really come to. */
final class PracticeJson
{
    /**
     * @param int $seed the reel is drawn by
     *
     * @return array<string, mixed>
     */
    public static function write(Standing $standing, int $seed): array
    {
        [$at, $run, $course] = [$standing->progress, $standing->run, $standing->course];
        $spool = $course->plan->fill->spool;
        $reel = SimulatedReel::drawn($seed, $spool, $course->layers);
        $after = static fn(int $layer): array => $reel->wound(
            $spool,
            $course->layers,
            $course->wanted->gearRatio,
            array_values(array_filter($run->stretches, static fn(Stretch $each): bool => $each->layer <= $layer)),
        );
        $depthOf = static fn(?Diameter $surface): ?Length => $surface === null ? null : $spool->geometry?->depthOf($surface);
        [$metres, $surface] = $after(count($course->layers) - 1);
        $depth = $depthOf($surface);

        return [
            'rotor_turns' => $reel->rotor->value,
            'label_up_turns' => $reel->labelUp->value,
            'label_down_turns' => $reel->labelUp->opposite()->value,
            'readings_mm' => $depth === null ? [] : array_map(
                static fn(Length $each): float => $each->inMillimetres(),
                $reel->readings($depth),
            ),
            'level' => $depth === null || $surface === null ? null : ['depth_mm' => $depth->inMillimetres(), 'surface_mm' => $surface->inMillimetres()] + Written::sentence(
                Ending::level($depth, $course->plan->fill->gap),
            ),
            'room_factor' => $reel->room,
            'layers' => array_map(static fn(int $index): array => [
                'cell_factor' => $reel->cells[$index],
                'real_m' => $metres[$index]->inMetres(),
                'counted_m' => $at->wound[$index]->inMetres(),
                'mark' => self::mark($course, $run, $index, $depthOf($after($index)[1])),
            ] + self::twist($course, $run, $reel, $index, $metres[$index]), array_keys($course->layers)),
        ];
    }

    /**
     * What the depth mark would have said where a buried layer was stopped.
     *
     * @return array<string, mixed>|null null: it is not buried, or went on
     */
    private static function mark(Course $course, Run $run, int $index, ?Length $stood): ?array
    {
        $mark = $course->plan->fill->layers[$index]->depth;
        $stopped = $index < $run->layer || ($run->over !== null && $index === $run->layer);

        return $stood === null || $mark === null || !$stopped || $index === count($course->layers) - 1
            ? null
            : Written::sentence(Ending::besideMark($stood, $mark));
    }

    /**
     * What the filler's place made of the line.
     *
     * @return array<string, mixed>
     */
    private static function twist(Course $course, Run $run, SimulatedReel $reel, int $index, Length $metres): array
    {
        $line = $course->layers[$index]->line;
        $placed = $run->placed[$index] ?? null;
        $feed = $placed->feed ?? $course->setting->feed();
        $circles = $placed->filler ?? $reel->labelUp;
        $surface = $course->plan->fill->layers[$index]->top ?? Diameter::millimetres(Placing::SPOOL_MM);
        $length = $course->plan->fill->layers[$index]->length;
        $filler = FillerSpool::of(null, null, $length)->with(Length::metres($length->inMetres() / 2));
        $twist = Twist::of($course->wanted->reel, $feed, $circles, $reel->rotor, $filler, $surface, $line);
        $opposed = $feed === Feed::OverEnd && $course->wanted->reel->hasFixedSpool() && $circles !== $reel->rotor;

        return [
            'opposed' => $opposed,
            'loops' => $twist->loopsInSlack(),
            'slack_loops' => Hanging::loops($twist),
            'wind_knots' => SimulatedReel::windKnots($line, $twist->water, $opposed, $run->stretches, $metres, $index),
        ];
    }
}
