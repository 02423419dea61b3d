<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\DomainFault;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** A way that does not work for this spool and line. */
final class BadWay extends DomainFault
{
    /** Names “sleeve_mm”. */
    public static function sleeveNotOverArbor(Diameter $sleeve, Diameter $arbor): self
    {
        return new self(
            'sleeve_mm',
            Sentence::of('A sleeve must be thicker than the arbor it goes on: above {0}, not {1}.', $arbor, $sleeve),
        );
    }

    /** Names “kept.depth_mm”. */
    public static function keptIsUnknown(): self
    {
        return new self(
            'kept.depth_mm',
            'How deep does the backing lie under the lip? Read it at three places round the spool and give the mean, such as 4.2 mm; or '
                . 'write down in the Locker what is on the spool.',
        );
    }

    /** Names “kept.depth_mm”. */
    public static function keptHasNoShape(): self
    {
        return new self('kept.depth_mm', 'A depth says how much room is left only where the spool’s lip and one more measure are known.');
    }

    /** Names “kept.depth_mm”. */
    public static function keptOutside(Length $depth, Length $full, Length $bare): self
    {
        return new self('kept.depth_mm', Sentence::of(
            'The backing that stays would lie {0} under the lip. Room for a main line is between {1}, where the spool is full, and '
                . '{2}, where the arbor is straight.',
            $depth,
            $full,
            $bare,
        ));
    }

    /** Names “kept”. */
    public static function keptFillsIt(): self
    {
        return new self('kept', 'By the log the backing alone fills the spool: read its depth, or take all of it off.');
    }

    /** Names “main.length_m”. */
    public static function mainLengthNeeded(): self
    {
        return new self('main.length_m', 'How much main line goes on? The arbor is built up to suit its length, such as 150 m.');
    }

    /** Names “main.length_m”. */
    public static function noRoomToSave(): self
    {
        return new self('main.length_m', 'The main line alone already fills the spool, so nothing goes under it.');
    }

    /** Names “main.length_m”. */
    public static function overTheLip(): self
    {
        return new self('main.length_m', 'All of the main line would stand above the lip. Shorten it.');
    }

    /** Names “$role.length_m”. */
    public static function lengthNeeded(string $role, string $word): self
    {
        return new self("$role.length_m", "How much $word goes on? Give its length, such as 150 m.");
    }

    /** Names “backing.size”. */
    public static function backingNeeded(): self
    {
        return new self('backing.size', 'Pick a backing, or type its thickness or strength, such as 0.30 mm or 12 lb.');
    }
}
