<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Measure\PaperTools;
use Undro\Measure\PrintedSheet;

/** "paper": what stands on the sheet of paper tools, and where. Beyond the contract. */
final class PaperCase implements Calculator
{
    /** Question: nothing. Answer: the check bar, the gauge's tongues, the strips' marks and the wraps, mm. */
    public static function compute(Input $in): array
    {
        return [
            'bar_mm' => PrintedSheet::BAR_MM,
            'steps_mm' => PaperTools::steps(),
            'strip_mm' => PaperTools::STRIP_MM,
            'strips' => array_map(static fn(array $strip): array => [
                'from' => $strip['from'],
                'marks' => array_map(static fn(array $mark): array => [
                    'reads' => $mark['reads'],
                    'at_mm' => $mark['at']->inMillimetres(),
                    'long' => $mark['long'],
                ], $strip['marks']),
            ], PaperTools::strips()),
            'wraps' => array_map(static fn(array $each): array => [
                'wraps' => $each['wraps'],
                'thick_mm' => $each['thick']->inMillimetres(),
            ], PaperTools::wraps()),
        ];
    }
}
