<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\DomainFault;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** Something said of a run that cannot be. */
final class BadRun extends DomainFault
{
    /** Names “layer”. */
    public static function noSuchLayer(int $layer, int $count): self
    {
        return new self('layer', sprintf('There is no layer %d; this fill has %d, counted from 0.', $layer, $count));
    }

    /** Names “stretches”. */
    public static function backwards(int $layer): self
    {
        return new self('stretches', "Layer $layer lies under one that is being wound already; a fill goes on from the arbor out.");
    }

    /** Names “depth_mm”. */
    public static function depthNeedsShape(): self
    {
        return new self('depth_mm', 'A depth says how much is on only where the lip and one more measure of the spool are known.');
    }

    /** Names “depth_mm”. */
    public static function depthOutside(Length $depth, Length $bare): self
    {
        return new self(
            'depth_mm',
            Sentence::of(
                'The bare arbor lies {0} under the lip; a depth of {1} cannot be. Measure from the lip edge straight down to the line.',
                $bare,
                $depth,
            ),
        );
    }

    /** Names “step”. */
    public static function noStep(string $step): self
    {
        return new self('step', "There is no step '$step' in this run.");
    }

    /** Names “kind”. */
    public static function over(): self
    {
        return new self('kind', 'This run is over; what was wound stands in the log. Start another, or take this one back.');
    }

    /** Names “readings”. */
    public static function readingsDisagree(Length $spread): self
    {
        return new self(
            'readings',
            Sentence::of(
                'The readings are {0} apart. Read again beside the highest: a poor lay is higher on one side, so take them round the '
                    . 'spool at the same height.',
                $spread,
            ),
        );
    }

    /** Names “metres”. */
    public static function howMuch(): self
    {
        return new self('metres', 'Say how much is on, in all of this line, such as 54 m or 54 ± 2 m.');
    }

    /** Names “depths_mm”. */
    public static function noReadings(): self
    {
        return new self('depths_mm', 'Give at least one depth, such as 3.2 mm; three round the spool are better.');
    }

    /** Names “case”. */
    public static function doesNotFit(): self
    {
        return new self('case', 'This plan does not fit the spool as it stands. Change it until it does, then wind it.');
    }

    /** @param int $now the layer that is being wound by now */
    public static function turnsOfAnotherLayer(float $turns, int $on, int $now): self
    {
        return new self(
            'turns',
            sprintf(
                '%d turns were counted on line %d from the arbor, and line %d is being wound by now: somebody has gone on meanwhile. They are not counted. '
                    . 'If they were wound, correct what was written down in the log.',
                (int) round($turns),
                $on + 1,
                $now + 1,
            ),
        );
    }
}
