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
            Sentence::of('A sleeve must be larger than the arbor it goes on: above {0}, not {1}.', $arbor, $sleeve),
        );
    }

    /** Names “way”. */
    public static function sleeveElsewhere(): self
    {
        return new self('way', 'Sleeves are made for spinning spools only. Use backing, or tape on the arbor.');
    }

    /** Names “way”. */
    public static function parkedForNothing(): self
    {
        return new self('way', 'This line is on the spool already. Choose “Backing” under the main line, or another main line.');
    }

    /** Names “kept.depth_mm”. */
    public static function keptIsUnknown(): self
    {
        return new self(
            'kept.depth_mm',
            'How far below the lip is the backing? Measure at three places round the spool and type the mean, such as 4.2 mm. Or add the '
                . 'line on the spool in Locker.',
        );
    }

    /** Names “kept.depth_mm”. */
    public static function keptHasNoShape(): self
    {
        return new self('kept.depth_mm', 'The level of the backing gives the room left only if the lip and one more spool dimension are known.');
    }

    /** Names “kept.depth_mm”. */
    public static function keptOutside(Length $depth, Length $full, Length $bare): self
    {
        return new self('kept.depth_mm', Sentence::of(
            'The retained backing would be {0} below the lip. It must be between {1}, where the spool is full, and {2}, where the arbor '
                . 'is straight.',
            $depth,
            $full,
            $bare,
        ));
    }

    /** Names “kept”. */
    public static function keptFillsIt(): self
    {
        return new self('kept', 'Going by the log, the backing alone fills the spool. Measure its level, or strip it.');
    }

    /** Names “main.length_m”. */
    public static function mainLengthNeeded(): self
    {
        return new self('main.length_m', 'How much main line do you want? Type its length, such as 150 m. The arbor is built up to suit it.');
    }

    /** Names “main.length_m”. */
    public static function noRoomToSave(): self
    {
        return new self('main.length_m', 'The main line alone fills the spool, so there is no room for backing.');
    }

    /** Names “main.length_m”. */
    public static function overTheLip(): self
    {
        return new self('main.length_m', 'The main line would rise above the lip. Shorten it.');
    }

    /** Names “$role.length_m”. */
    public static function lengthNeeded(string $role, string $word): self
    {
        return new self("$role.length_m", "How much $word do you want? Type its length, such as 150 m.");
    }

    /** Names “backing.size”. */
    public static function backingNeeded(): self
    {
        return new self('backing.size', 'Choose a backing, or type its diameter or strength, such as 0.30 mm or 12 lb.');
    }
}
