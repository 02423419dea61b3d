<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Json\FillJson;
use Undro\Json\PlanInput;
use Undro\Json\Written;
use Undro\Way\Way;
use Undro\Way\Ways;

/** "ways": the ways to fill a spool side by side, for a plan as "plan" takes it, and which to take. */
final class WaysCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "ways".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $read = PlanInput::read($in);
        $pace = $in->optionalNumber('pace_turns_per_min', 1, 400);
        $ways = $in->make(static fn(): Ways => Ways::of($read->wanted, $pace, $in->boolean('spare')));

        return [
            'pick' => $ways->pick->value,
            'why' => Written::sentence($ways->why),
            'departs' => $ways->departs === null ? null : Written::sentence($ways->departs),
            'ways' => array_map(self::way(...), $ways->ways),
        ];
    }

    /** @return array<string, mixed> */
    private static function way(Way $way): array
    {
        $fill = $way->fill === null ? null : FillJson::write($way->fill);

        return [
            'id' => $way->id->value,
            'word' => $way->id->word(),
            'works' => $way->fill !== null,
            'layers' => $fill['layers'] ?? [],
            'filled_fraction' => $fill['filled_fraction'] ?? null,
            'level_mm' => $way->level?->depth->inMillimetres(),
            'spool' => $way->fill === null ? null : Written::shape($way->fill->spool),
            'build' => Written::build($way->build),
            'passes' => $way->passes,
            'wound_m' => $way->wound?->inMetres(),
            'handle_turns' => $way->turns,
            'minutes' => $way->minutes,
            'cost' => Written::price($way->cost),
            'knots' => $way->knots,
            'steps' => array_map(Written::sentence(...), $way->steps),
            'risks' => array_map(Written::sentence(...), $way->risks),
        ];
    }
}
