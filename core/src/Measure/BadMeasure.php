<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\DomainFault;
use Undro\Units\Length;

/** A measurement that gives no figure, or one too vague to help. */
final class BadMeasure extends DomainFault
{
    /** Names “gap”. */
    public static function deeperThanTheSpool(Length $gap, Length $deepest): self
    {
        return new self('gap', sprintf(
            '%.1F mm is deeper than the spool: from its lip down to the bare arbor are %.1F mm. Read it again, or correct the spool’s '
                . 'measures.',
            $gap->inMillimetres(),
            $deepest->inMillimetres(),
        ));
    }

    /** Names “gap”. */
    public static function noLine(): self
    {
        return new self('gap', 'No line lay on this spool then, as far as is written, so there was no level to read.');
    }

    /** Names “over_mm”. */
    public static function tooNarrow(float $millimetres): self
    {
        return new self(
            'over_mm',
            sprintf('%.1F mm of wraps say less than the label does. Lay more of them: 10 mm or more, 5 mm at the least.', $millimetres),
        );
    }

    /** Names “wraps”. */
    public static function fewWraps(): self
    {
        return new self('wraps', 'Count at least 5 touching wraps.');
    }

    /** Names “wraps”. */
    public static function thickLine(float $millimetres): self
    {
        return new self('wraps', sprintf('That would be a line of %.2F mm. Count the wraps and measure their width again.', $millimetres));
    }

    /** Names “first_mm”. */
    public static function readingsApart(float $millimetres): self
    {
        return new self(
            'first_mm',
            sprintf('The readings lie %.1F mm apart, too far to be of one thing. Read it again across the same place.', $millimetres),
        );
    }

    /** Names “empty_g”. */
    public static function emptyNotLighter(): self
    {
        return new self('empty_g', 'The empty filler must be lighter than the full one.');
    }

    /** Names “mass_g”. */
    public static function heavierThanFull(): self
    {
        return new self('mass_g', 'It cannot weigh more now than when it was full. Check which figure is which.');
    }

    /** Names “mass_g”. */
    public static function lighterThanEmpty(): self
    {
        return new self('mass_g', 'It cannot weigh less now than when it is empty. Check which figure is which.');
    }

    /** Names “after_g”. */
    public static function nothingGained(): self
    {
        return new self('after_g', 'The spool must be heavier with the line on it than before.');
    }

    /** Names “mass_g”. */
    public static function moreThanAll(float $metres, float $whole): self
    {
        return new self(
            'mass_g',
            sprintf(
                'By weight %.0F m would be gone of %.0F m. Check the thickness of the line, or weigh the empty filler too.',
                $metres,
                $whole,
            ),
        );
    }

    /** Names the field it is given. */
    public static function tooVague(string $field, float $share, string $remedy): self
    {
        return new self($field, sprintf('That is only known to within %.0F %%, too vague to store: %s', 100 * $share, $remedy));
    }
}
