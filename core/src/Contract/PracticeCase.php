<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Practice\SimulatedReel;
use Undro\Run\Ending;
use Undro\Run\Run;
use Undro\Run\Stretch;
use Undro\Twist\Feed;
use Undro\Twist\FillerSpool;
use Undro\Twist\Placing;
use Undro\Twist\Twist;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** "practice": what a run on a made-up reel has really come to, what calipers would read on it now, and what it turns like. */
final class PracticeCase implements Calculator
{
    public static function compute(Input $in): array
    {
        $read = RunInput::read($in);
        $seed = (int) $in->number('seed', 0, 2_000_000_000);
        [$run, $at] = RunCase::stand($read);
        $spool = $read->plan->fill->spool;
        $reel = SimulatedReel::drawn($seed, $spool, $read->layers);
        $after = static fn(int $layer): array => $reel->wound($spool, $read->layers, $read->read->wanted->gearRatio, array_values(array_filter($run->stretches, static fn(Stretch $each): bool => $each->layer <= $layer)));
        $depthOf = static fn(?Diameter $surface): ?Length => $surface === null ? null : $spool->geometry?->depthOf($surface);
        [$metres, $surface] = $after(count($read->layers) - 1);
        $depth = $depthOf($surface);

        return [
            'rotor_turns' => $reel->rotor->value,
            'label_up_turns' => $reel->labelUp->value,
            'label_down_turns' => $reel->labelUp->opposite()->value,
            'readings_mm' => $depth === null ? [] : array_map(static fn(Length $each): float => $each->inMillimetres(), $reel->readings($depth)),
            'level' => $depth === null ? null : ['depth_mm' => $depth->inMillimetres()] + PlanCase::sentence(Ending::level($depth, $read->plan->fill->gap)),
            'room_factor' => $reel->room,
            'layers' => array_map(static fn(int $index): array => [
                'cell_factor' => $reel->cells[$index],
                'real_m' => $metres[$index]->inMetres(),
                'counted_m' => $at->wound[$index]->inMetres(),
                'mark' => self::mark($read, $run, $index, $depthOf($after($index)[1])),
            ] + self::twist($read, $run, $reel, $index, $metres[$index]), array_keys($read->layers)),
        ];
    }

    /**
     * What the depth mark would have said where a buried layer was stopped.
     *
     * @return array<string, mixed>|null null: it is not buried, or went on
     */
    private static function mark(RunInput $read, Run $run, int $index, ?Length $stood): ?array
    {
        $mark = $read->plan->fill->layers[$index]->depth;
        $stopped = $index < $run->layer || ($run->over !== null && $index === $run->layer);

        return $stood === null || $mark === null || !$stopped || $index === count($read->layers) - 1 ? null : PlanCase::sentence(Ending::besideMark($stood, $mark));
    }

    /**
     * What the filler's place made of the line.
     *
     * @return array<string, mixed>
     */
    private static function twist(RunInput $read, Run $run, SimulatedReel $reel, int $index, Length $metres): array
    {
        $line = $read->layers[$index]->line;
        $placed = $run->placed[$index] ?? null;
        $feed = $placed->feed ?? $read->setting->feed();
        $circles = $placed->filler ?? $reel->labelUp;
        $surface = $read->plan->fill->layers[$index]->top ?? Diameter::millimetres(Placing::SPOOL_MM);
        $length = $read->plan->fill->layers[$index]->length;
        $filler = FillerSpool::of(null, null, $length)->with(Length::metres($length->inMetres() / 2));
        $twist = Twist::of($read->read->reel, $feed, $circles, $reel->rotor, $filler, $surface, $line);
        $opposed = $feed === Feed::OverEnd && $read->read->reel->hasFixedSpool() && $circles !== $reel->rotor;

        return [
            'opposed' => $opposed,
            'loops' => $twist->loopsInSlack(),
            'wind_knots' => SimulatedReel::windKnots($line, $twist->water, $opposed, $run->stretches, $metres, $index),
        ];
    }
}
