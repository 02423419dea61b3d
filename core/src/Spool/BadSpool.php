<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\DomainFault;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;
use Undro\Units\Volume;

/** Figures of a spool that contradict each other or are not enough. */
final class BadSpool extends DomainFault
{
    /** Names “arbor_diameter_mm”. */
    public static function lipNotLargerThanArbor(Diameter $lip, Diameter $arbor): self
    {
        return new self('arbor_diameter_mm', Sentence::of(
            'The arbor ({0}) must be thinner than the lip ({1}). Check which is which; both are diameters.',
            $arbor,
            $lip,
        ));
    }

    /** Names “traverse_mm”. */
    public static function noTraverse(): self
    {
        return new self('traverse_mm', 'The traverse, the inside width of the spool, must be above 0.');
    }

    /** Names “arbor_deep_diameter_mm”. */
    public static function taperWithoutArbor(): self
    {
        return new self('arbor_deep_diameter_mm', 'The other end of a coned or vee arbor needs the arbor diameter as well.');
    }

    /** Names “ratings_text”. */
    public static function nothingKnown(): self
    {
        return new self(
            'ratings_text',
            'Type what is stamped on the spool, such as 0.25/200, or give the lip, the arbor and the traverse.',
        );
    }

    /** Names “lip_diameter_mm”. */
    public static function noArborToBuildOn(): self
    {
        return new self(
            'lip_diameter_mm',
            'A sleeve or tape changes the arbor: give the lip and either the arbor or the traverse, so that there is an arbor to build on.',
        );
    }

    /** Names the field it is given. */
    public static function missing(string $field, string $word): self
    {
        return new self(
            $field,
            "Without a stamped capacity the $word is needed too: give all of lip, arbor and traverse, or type what is stamped.",
        );
    }

    /** Names “gap_mm”. */
    public static function gapTooDeep(Length $gap, Diameter $lip, Diameter $arbor): self
    {
        return new self('gap_mm', Sentence::of(
            'A gap of {0} leaves no room: from the lip down to the arbor it is {1}. Give a smaller gap.',
            $gap,
            Length::millimetres(($lip->inMillimetres() - $arbor->inMillimetres()) / 2),
        ));
    }

    /** Names “ratings_text”. */
    public static function stampNeedsMoreRoom(Diameter $lip, Length $traverse, Volume $stamped, Volume $most): self
    {
        return new self('ratings_text', Sentence::of(
            sprintf(
                'The stamp and the measures contradict each other: a lip of {0} over a traverse of {1} has room for %d %% of the stamped '
                    . 'line even with no arbor at all. Check the stamp’s units, the lip and the traverse.',
                self::percent($most, $stamped),
            ),
            $lip,
            Diameter::millimetres($traverse->inMillimetres()),
        ));
    }

    /** Names “ratings_text”. */
    public static function stampContradictsCalipers(
        Volume $stamped,
        Volume $measured,
        Geometry $geometry,
        Length $fittingTraverse,
        ?Diameter $fittingArbor,
    ): self {
        return new self('ratings_text', Sentence::of(
            sprintf(
                'The stamp and the measures contradict each other: the spool as measured has room for %d %% of the stamped line. With a '
                    . 'lip of {0} the stamp wants a traverse of {1}%s. Check the stamp’s units and the three measures.',
                self::percent($measured, $stamped),
                $fittingArbor === null ? '' : ' or an arbor of {2}',
            ),
            $geometry->lip,
            Diameter::millimetres($fittingTraverse->inMillimetres()),
            ...($fittingArbor === null ? [] : [$fittingArbor]),
        ));
    }

    /** Names “spool”. */
    public static function ofAnotherReel(): self
    {
        return new self('spool', 'This spool does not sit in that reel. Pick the reel on the bench again.');
    }

    private static function percent(Volume $part, Volume $of): int
    {
        return (int) round(100 * $part->inCubicMillimetres() / $of->inCubicMillimetres());
    }
}
