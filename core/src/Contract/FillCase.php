<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\FillJson;
use Undro\Json\SpoolInput;

/** "fill": what fits on a spool. */
final class FillCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "fill".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $spool = SpoolInput::spool($in->object('spool'));
        $layers = array_map(FillJson::layer(...), $in->objects('layers', 1, 20));
        $gap = $in->optionalMillimetres('gap_mm', ...Bounds::GAP_MM);
        $gearRatio = $in->optionalNumber('gear_ratio', ...Bounds::GEAR_RATIO);
        $fill = $in->make(static fn(): Fill => FillCalculator::solve($spool, $gap, $layers, $gearRatio));

        return FillJson::write($fill);
    }
}
