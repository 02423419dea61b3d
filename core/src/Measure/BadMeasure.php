<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\DomainFault;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** A measurement that gives no figure, or one too vague to help. */
final class BadMeasure extends DomainFault
{
    /** Names “gap”. */
    public static function deeperThanTheSpool(Length $gap, Length $deepest): self
    {
        return new self('gap', Sentence::of(
            '{0} is deeper than the spool: from its lip down to the bare arbor it is {1}. Read it again, or correct the spool’s measures.',
            $gap,
            $deepest,
        ));
    }

    /** Names “gap”. */
    public static function noLine(): self
    {
        return new self('gap', 'No line lay on this spool then, as far as is written, so there was no level to read.');
    }

    /** Names “over_mm”. */
    public static function tooNarrow(Length $width): self
    {
        return new self(
            'over_mm',
            Sentence::of(
                '{0} of wraps say less than the label does. Lay more of them: {1} or more, {2} at the least.',
                $width,
                Length::millimetres(10),
                Length::millimetres(5),
            ),
        );
    }

    /** Names “bar_mm”. */
    public static function notTheBar(Length $read, Length $bar): self
    {
        return new self('bar_mm', Sentence::of(
            'The bar on the sheet is to be {0}; {1} is not it. Print the sheet at its true size, and measure the bar from end to end.',
            Diameter::millimetres($bar->inMillimetres()),
            Diameter::millimetres($read->inMillimetres()),
        ));
    }

    /** Names “wraps”. */
    public static function fewWraps(): self
    {
        return new self('wraps', 'Count at least 5 touching wraps.');
    }

    /** Names “wraps”. */
    public static function thickLine(Diameter $line): self
    {
        return new self('wraps', Sentence::of('That would be a line of {0}. Count the wraps and measure their width again.', $line));
    }

    /** Names “first_mm”. */
    public static function readingsApart(Length $spread): self
    {
        return new self(
            'first_mm',
            Sentence::of('The readings lie {0} apart, too far to be of one thing. Read it again across the same place.', $spread),
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
    public static function moreThanAll(Length $gone, Length $whole): self
    {
        return new self(
            'mass_g',
            Sentence::of(
                'By weight {0} would be gone of {1}. Check the thickness of the line, or weigh the empty filler too.',
                $gone,
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
