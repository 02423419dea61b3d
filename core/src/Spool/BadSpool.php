<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\DomainFault;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/** Figures of a spool that contradict each other or are not enough. */
final class BadSpool extends DomainFault
{
    /** Names “arbor_diameter_mm”. */
    public static function lipNotLargerThanArbor(Diameter $lip, Diameter $arbor): self
    {
        return new self('arbor_diameter_mm', sprintf(
            'The arbor (%s mm) must be thinner than the lip (%s mm). Check which is which; both are diameters.',
            self::mm($arbor->inMillimetres()),
            self::mm($lip->inMillimetres()),
        ));
    }

    /** Names “traverse_mm”. */
    public static function noTraverse(): self
    {
        return new self('traverse_mm', 'The traverse, the inside width of the spool, must be above 0 mm.');
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
        return new self('gap_mm', sprintf(
            'A gap of %s mm leaves no room: between lip and arbor there are %s mm. Give a smaller gap.',
            self::mm($gap->inMillimetres()),
            self::mm(($lip->inMillimetres() - $arbor->inMillimetres()) / 2),
        ));
    }

    /** Names “ratings_text”. */
    public static function stampNeedsMoreRoom(Diameter $lip, Length $traverse, Volume $stamped, Volume $most): self
    {
        return new self('ratings_text', sprintf(
            'The stamp and the measures contradict each other: the stamped line takes %s cm3, and a %s mm lip over a %s mm traverse has '
                . 'room for at most %s cm3 even with no arbor at all. Check the stamp\'s units, the lip and the traverse.',
            self::cm3($stamped),
            self::mm($lip->inMillimetres()),
            self::mm($traverse->inMillimetres()),
            self::cm3($most),
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
        $arbor = $fittingArbor === null ? '' : sprintf(' or an arbor of %s mm', self::mm($fittingArbor->inMillimetres()));

        return new self('ratings_text', sprintf(
            'The stamp and the measures contradict each other: the stamped line takes %s cm3, the spool as measured holds %s cm3. With a '
                . 'lip of %s mm the stamp wants a traverse of %s mm%s. Check the stamp\'s units and the three measures.',
            self::cm3($stamped),
            self::cm3($measured),
            self::mm($geometry->lip->inMillimetres()),
            self::mm($fittingTraverse->inMillimetres()),
            $arbor,
        ));
    }

    private static function mm(float $millimetres): string
    {
        return rtrim(rtrim(number_format($millimetres, 2, '.', ''), '0'), '.');
    }

    private static function cm3(Volume $volume): string
    {
        return number_format($volume->inCubicMillimetres() / 1000, 1, '.', '');
    }

    /** Names “spool”. */
    public static function ofAnotherReel(): self
    {
        return new self('spool', 'This spool does not sit in that reel. Pick the reel on the bench again.');
    }
}
