<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Practice\SimulatedReel;
use Undro\Run\Ending;
use Undro\Run\Progress;
use Undro\Twist\Feed;
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
        [$metres, $surface] = $reel->wound($spool, $read->layers, $read->read->wanted->gearRatio, $run->stretches);
        $depth = $surface === null ? null : $spool->geometry?->depthOf($surface);

        return [
            'rotor_turns' => $reel->rotor->value,
            'label_up_turns' => $reel->labelUp->value,
            'readings_mm' => $depth === null ? [] : array_map(static fn(Length $each): float => $each->inMillimetres(), $reel->readings($depth)),
            'level' => $depth === null ? null : ['depth_mm' => $depth->inMillimetres()] + PlanCase::sentence(Ending::level($depth, $read->plan->fill->gap)),
            'wanted_mm' => $read->plan->fill->gap->inMillimetres(),
            'room_factor' => $reel->room,
            'layers' => array_map(static fn(int $index): array => [
                'cell_factor' => $reel->cells[$index],
                'real_m' => $metres[$index]->inMetres(),
                'counted_m' => $at->wound[$index]->inMetres(),
            ] + self::twist($read, $run->placed[$index] ?? null, $reel, $index, $run->stretches, $metres[$index], $at), array_keys($read->layers)),
        ];
    }

    /**
     * What the filler's place made of the line.
     *
     * @param list<\Undro\Run\Stretch> $stretches
     *
     * @return array<string, mixed>
     */
    private static function twist(RunInput $read, ?\Undro\Run\Mark $placed, SimulatedReel $reel, int $index, array $stretches, Length $metres, Progress $at): array
    {
        $line = $read->layers[$index]->line;
        $feed = $placed->feed ?? $read->setting->feed();
        $filler = $placed->filler ?? $reel->labelUp;
        $surface = $read->plan->fill->layers[$index]->top ?? Diameter::millimetres(40);
        $twist = Twist::of($read->read->reel, $feed, $filler, $reel->rotor, Diameter::millimetres(60), $surface, $line);
        $opposed = $feed === Feed::OverEnd && $read->read->reel->hasFixedSpool() && $filler !== $reel->rotor;

        return [
            'opposed' => $opposed,
            'winding_turns_per_m' => $twist->winding,
            'water_turns_per_m' => $twist->water,
            'loops' => $twist->loopsInSlack(),
            'wind_knots' => SimulatedReel::windKnots($line, $twist->water, $opposed, $stretches, $metres, $index),
        ];
    }
}
