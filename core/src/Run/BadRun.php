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
        return new self('layer', sprintf('There is no layer %d. This fill has %d, counted from 0.', $layer, $count));
    }

    /** Names “stretches”. */
    public static function backwards(int $layer): self
    {
        return new self('stretches', "Layer $layer is under one you have started. Wind from the arbor outwards.");
    }

    /** Names “depth_mm”. */
    public static function depthNeedsShape(): self
    {
        return new self('depth_mm', 'Line level gives a length only if the lip and one more spool dimension are known.');
    }

    /** Names “depth_mm”. */
    public static function depthOutside(Length $depth, Length $bare): self
    {
        return new self(
            'depth_mm',
            Sentence::of(
                'The bare arbor is {0} below the lip, so {1} is impossible. Measure from the lip edge straight down to the line.',
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
        return new self('kind', 'This run is finished, and its line is in the log. Start another one, or undo this one.');
    }

    /** Names “readings”. */
    public static function readingsDisagree(Length $spread): self
    {
        return new self(
            'readings',
            Sentence::of(
                'The readings are {0} apart. Measure again at the same height round the spool, since uneven line is higher on one side.',
                $spread,
            ),
        );
    }

    /** Names “metres”. */
    public static function howMuch(): self
    {
        return new self('metres', 'Type how much of this line you have wound in all, such as 54 m or 54 ± 2 m.');
    }

    /** Names “depths_mm”. */
    public static function noReadings(): self
    {
        return new self('depths_mm', 'Type at least one reading, such as 3.2 mm. Three round the spool are better.');
    }

    /** Names “kind”. */
    public static function notParked(): self
    {
        return new self('kind', 'The log still has the old line on this spool. Go back to “Move the line to a spare spool” and save that it is off.');
    }

    /** Names “case”. */
    public static function doesNotFit(): self
    {
        return new self('case', 'This plan doesn’t fit the spool. Change it first, then start winding.');
    }

    /** @param int $now the layer that is being wound by now */
    public static function turnsOfAnotherLayer(float $turns, int $on, int $now): self
    {
        return new self(
            'turns',
            sprintf(
                '%s counted on line %d from the arbor, but line %d is being wound now. They are not counted. If you did wind '
                    . 'them, correct the length in the log.',
                round($turns) === 1.0 ? '1 turn was' : (int) round($turns) . ' turns were',
                $on + 1,
                $now + 1,
            ),
        );
    }
}
