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
            '{0} is deeper than the spool. From lip to bare arbor it is {1}. Measure again, or correct the spool’s dimensions.',
            $gap,
            $deepest,
        ));
    }

    /** Names “gap”. */
    public static function noLine(): self
    {
        return new self('gap', 'The log has no line on this spool at that time, so there was no level to measure.');
    }

    /** Names “over_mm”. */
    public static function tooNarrow(Length $width): self
    {
        return new self(
            'over_mm',
            Sentence::of(
                '{0} of wraps tells less than the label. Wind more: {1} is good, {2} is the least.',
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
            'The bar on the sheet should be {0}, not {1}. Print the sheet at 100 %, and measure the bar from end to end.',
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
        return new self('wraps', Sentence::of('That gives a line of {0}, which is unlikely. Count the wraps and measure their width again.', $line));
    }

    /** Names “first_mm”. */
    public static function readingsApart(Length $spread): self
    {
        return new self(
            'first_mm',
            Sentence::of('The readings are {0} apart, too far for one dimension. Measure the same place again.', $spread),
        );
    }

    /** Names “empty_g”. */
    public static function emptyNotLighter(): self
    {
        return new self('empty_g', 'The empty filler spool must weigh less than the full one.');
    }

    /** Names “mass_g”. */
    public static function heavierThanFull(): self
    {
        return new self('mass_g', 'Weight now can’t be above weight when full. Check which is which.');
    }

    /** Names “mass_g”. */
    public static function lighterThanEmpty(): self
    {
        return new self('mass_g', 'Weight now can’t be below weight when empty. Check which is which.');
    }

    /** Names “after_g”. */
    public static function nothingGained(): self
    {
        return new self('after_g', 'The spool must weigh more with line than without.');
    }

    /** Names “mass_g”. */
    public static function moreThanAll(Length $gone, Length $whole): self
    {
        return new self(
            'mass_g',
            Sentence::of(
                'By weight, {0} of {1} would be gone. Check the line diameter, or weigh the empty filler spool too.',
                $gone,
                $whole,
            ),
        );
    }

    /** Names the field it is given. */
    public static function tooVague(string $field, float $share, string $remedy): self
    {
        return new self($field, sprintf('This is give or take %.0F %%, too uncertain to save. To get a surer figure, %s', 100 * $share, $remedy));
    }
}
