<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Models\Record;

/** The kinds of record there are, each after those it names. */
final class Mappers
{
    /** @return array<string, Mapper> by the name of the kind */
    public static function all(): array
    {
        return self::records() + ['runs' => new RunMapper()];
    }

    /** @return array<string, RecordMapper<covariant Record>> */
    public static function records(): array
    {
        return [
            'anglers' => new AnglerMapper(),
            'lines' => new LineMapper(),
            'reels' => new ReelMapper(),
            'spools' => new SpoolMapper(),
            'rods' => new RodMapper(),
            'fillers' => new FillerMapper(),
            'plans' => new PlanMapper(),
            'days' => new DayMapper(),
        ];
    }
}
