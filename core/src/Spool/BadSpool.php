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
            'Arbor ({0}) must be smaller than the lip ({1}). Check which is which. Both are diameters.',
            $arbor,
            $lip,
        ));
    }

    /** Names “traverse_mm”. */
    public static function noTraverse(): self
    {
        return new self('traverse_mm', 'Spool width (inside, from flange to flange) must be above 0.');
    }

    /** Names “arbor_deep_diameter_mm”. */
    public static function taperWithoutArbor(): self
    {
        return new self('arbor_deep_diameter_mm', 'Type the arbor diameter too. A tapered or vee arbor needs both ends.');
    }

    /** Names “ratings_text”. */
    public static function nothingKnown(): self
    {
        return new self(
            'ratings_text',
            'Type the capacity printed on the spool, such as 0.25/200. Or type lip, arbor and spool width.',
        );
    }

    /** Names “lip_diameter_mm”. */
    public static function noArborToBuildOn(): self
    {
        return new self(
            'lip_diameter_mm',
            'A sleeve or tape changes the arbor. Type the lip and either the arbor or the spool width.',
        );
    }

    /** Names the field it is given. */
    public static function missing(string $field, string $word): self
    {
        return new self(
            $field,
            "The $word is missing. Type lip, arbor and spool width, or the capacity printed on the spool.",
        );
    }

    /** Names “gap_mm”. */
    public static function gapTooDeep(Length $gap, Diameter $lip, Diameter $arbor): self
    {
        return new self('gap_mm', Sentence::of(
            'A full level of {0} leaves no room, since the arbor is {1} below the lip. Type a smaller figure.',
            $gap,
            Length::millimetres(($lip->inMillimetres() - $arbor->inMillimetres()) / 2),
        ));
    }

    /** Names “ratings_text”. */
    public static function stampNeedsMoreRoom(Diameter $lip, Length $traverse, Volume $stamped, Volume $most): self
    {
        return new self('ratings_text', Sentence::of(
            sprintf(
                'Printed capacity and dimensions contradict each other. A lip of {0} and a width of {1} hold %d %% of the printed line '
                    . 'even with no arbor at all. Check the units, the lip and the spool width.',
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
                'Printed capacity and dimensions contradict each other. The spool as measured holds %d %% of the printed line. With a lip '
                    . 'of {0}, a width of {1}%s would fit. Check the units and the three dimensions.',
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
        return new self('spool', 'This spool doesn’t belong to that reel. Choose the reel again.');
    }

    private static function percent(Volume $part, Volume $of): int
    {
        return (int) round(100 * $part->inCubicMillimetres() / $of->inCubicMillimetres());
    }
}
