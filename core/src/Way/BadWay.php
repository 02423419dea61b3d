<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\DomainFault;
use Undro\Units\Diameter;

/** A way that does not work for this spool and line. */
final class BadWay extends DomainFault
{
    /** Names “sleeve_mm”. */
    public static function sleeveNotOverArbor(Diameter $sleeve, Diameter $arbor): self
    {
        return new self(
            'sleeve_mm',
            sprintf(
                'A sleeve must be thicker than the arbor it goes on: above %.1F mm, not %.1F mm.',
                $arbor->inMillimetres(),
                $sleeve->inMillimetres(),
            ),
        );
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
