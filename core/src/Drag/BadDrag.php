<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\DomainFault;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** A drag target that cannot be worked out. */
final class BadDrag extends DomainFault
{
    /** Names “links”. */
    public static function noLinks(): self
    {
        return new self('links', 'The chain needs at least one link, such as the main line.');
    }

    /** Names “rated_N”. */
    public static function noStrength(string $name): self
    {
        return new self('rated_N', "The link \"$name\" needs a rated strength above 0.");
    }

    /** Names “spool”. */
    public static function noDepth(): self
    {
        return new self('spool', 'Drag by line out needs the spool’s shape: the lip, and the arbor or the spool width.');
    }

    /** Names “running_N”. */
    public static function noPull(): self
    {
        return new self(
            'running_N',
            'A pull needs a force above 0. Type what the scale shows while the spool turns slowly, or its peak.',
        );
    }

    /** Names “start_up_N”. */
    public static function startUpUnderRunning(Force $startUp, Force $running): self
    {
        return new self(
            'start_up_N',
            Sentence::of(
                'The start-up of {0} is below the running force of {1}. The start-up is the peak as the drag starts to slip. Swap the '
                    . 'two, or leave it out.',
                $startUp,
                $running,
            ),
        );
    }

    /** Names “efficiency_high”. */
    public static function rangeBackwards(string $name, float $low, float $high): self
    {
        return new self(
            'efficiency_high',
            sprintf(
                'The range of the knot "%s" is the wrong way round: %d to %d %%.',
                $name,
                (int) round(100 * $low),
                (int) round(100 * $high),
            ),
        );
    }

    /** Names “position”. */
    public static function pastStop(Knob $knob, float $position, float $stop): self
    {
        return new self(
            'position',
            sprintf(
                'The lever is at %s, past the strike stop at %s. Measure at the stop. Beyond it is for tired fish, not for setting the drag.',
                $knob->many($position),
                $knob->many($stop),
            ),
        );
    }

    /** Names “position”. */
    public static function pastLimits(Knob $knob, float $position, ?float $least, ?float $most): self
    {
        return new self(
            'position',
            sprintf(
                'The knob is at %s, but it goes from %s to %s. Count again from fully loose.',
                $knob->many($position),
                $least === null ? 'anywhere' : $knob->many($least),
                $most === null ? 'anywhere' : $knob->many($most),
            ),
        );
    }

    /** Names “position”. */
    public static function notWhole(Knob $knob, float $position): self
    {
        return new self(
            'position',
            sprintf(
                '%s is between two %s. Count whole ones.',
                rtrim(rtrim(number_format($position, 2, '.', ''), '0'), '.'),
                $knob === Knob::Click ? 'clicks' : 'notches',
            ),
        );
    }

    /** Names “scattered”. */
    public static function scattered(Pulls $pulls): self
    {
        return new self('scattered', sprintf(
            'The pulls at this setting are %d %% apart, over 10 %%. Pull again, or save them as scattered.',
            (int) round(100 * $pulls->spread),
        ));
    }

    /** Names “layers”. */
    public static function emptySpool(): self
    {
        return new self('layers', 'There is no line on this spool. Add the line on it first.');
    }

    /** Names “measured”. */
    public static function measuredTwice(Length $lineOut): self
    {
        return new self(
            'measured',
            Sentence::of('You measured {0} of line out twice. Keep one figure, the median of its pulls.', $lineOut),
        );
    }
}
