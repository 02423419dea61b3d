<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\DomainFault;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** A stamped capacity that cannot be read. */
final class BadRating extends DomainFault
{
    /** Names “length_m”. */
    public static function noLength(): self
    {
        return new self('length_m', 'A stamped capacity needs a length above 0.');
    }

    /** Names “diameter_mm”. */
    public static function noDiameter(): self
    {
        return new self('diameter_mm', 'A stamped capacity needs a line thickness above 0.');
    }

    /** Names “ratings_text”. */
    public static function unreadable(string $part): self
    {
        $part = mb_strlen($part) > 30 ? mb_substr($part, 0, 27) . '...' : $part;

        return new self(
            'ratings_text',
            "\"$part\" cannot be read as a capacity. Type it as stamped: 0.25/200, 8/140 10/120, 0.25mm-200m or PE 1.5-200.",
        );
    }

    /** Names “ratings_text”. */
    public static function thick(string $part, float $millimetres): self
    {
        return new self(
            'ratings_text',
            Sentence::of(
                "\"$part\" reads as line {0} thick, and no fishing line is. Check the figure, or switch the units of the stamp.",
                Diameter::millimetres($millimetres),
            ),
        );
    }

    /** Names “ratings_text”. */
    public static function long(string $part, float $metres): self
    {
        return new self(
            'ratings_text',
            Sentence::of(
                "\"$part\" reads as {0} of line, more than any spool here holds. Check the figure, or switch the units of the stamp.",
                Length::metres($metres),
            ),
        );
    }
}
