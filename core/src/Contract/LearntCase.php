<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Line\Material;

/** "learnt": what was learnt of a spool or a line, in words. */
final class LearntCase implements Calculator
{
    /** Nearer than this many sd, it is as it was printed, as far as anyone can tell. */
    private const CLEAR = 1.0;

    public static function compute(Input $in): array
    {
        $factor = $in->number('factor', -100, 100);
        $sd = $in->number('sd', 0, 100);
        $fills = (int) $in->number('fills', 1, 100_000, 1);
        $from = $fills === 1 ? 'one fill' : "$fills fills";
        if ($in->text('of', 10) === 'spool') {
            $share = $factor - 1;

            return ['words' => abs($share) < self::CLEAR * $sd
                ? sprintf('It holds what its figures say, to within %s: %s.', self::percent($sd), $from)
                : sprintf('It holds %s %s than its figures say, give or take %s: %s.', self::percent(abs($share)), $share > 0 ? 'more' : 'less', self::percent($sd), $from)];
        }
        // how thick it lies beside what is printed: the cell goes with the square of it
        $thick = sqrt(max(0.0, $factor) * $in->choice('material', Material::class)->cellFactor()) - 1;

        return ['words' => abs($thick) < self::CLEAR * $sd / 2
            ? sprintf('It lies as thick as printed, to within %s: %s.', self::percent($sd / 2), $from)
            : sprintf('It lies %s %s than printed, give or take %s: %s.', self::percent(abs($thick)), $thick > 0 ? 'thicker' : 'thinner', self::percent($sd / 2), $from)];
    }

    private static function percent(float $share): string
    {
        return sprintf('%s %%', 100 * $share < 1 ? number_format(100 * $share, 1) : (string) round(100 * $share));
    }
}
