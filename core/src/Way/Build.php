<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\Line\Line;
use Undro\Spool\Arbor;
use Undro\Spool\BadSpool;
use Undro\Spool\Spool;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** A spool whose arbor was built up for one fill. Sleeve and tape belong to the fill, not to the spool's own dimensions. */
final readonly class Build
{
    /** Usual electrician's tape, mm. */
    public const TAPE_MM = 0.15;
    /** More wraps of tape than this get soft and creep. */
    public const MOST_TAPE = 12;

    private function __construct(public Spool $spool, public Diameter $outside, public int $wraps) {}

    /**
     * A sleeve of this outside diameter; null: the one on which the main line alone fills the spool.
     *
     * @throws BadWay|BadSpool
     */
    public static function sleeve(Spool $spool, ?Diameter $outside, Line $main, ?Length $mainLength, Length $gap): self
    {
        $outside ??= self::needed($spool, $main, $mainLength, $gap);
        $thick = $spool->geometry?->arbor->thick->inMillimetres() ?? 0.0;
        $outside->inMillimetres() > $thick || throw BadWay::sleeveNotOverArbor($outside, Diameter::millimetres($thick));

        return new self($spool->withArbor(Arbor::straight($outside)), $outside, 0);
    }

    /**
     * So many wraps of tape, one over the other; null: as many as fill the spool, within what tape can do.
     *
     * @throws BadWay|BadSpool
     */
    public static function tape(Spool $spool, ?int $wraps, Length $thickness, Line $main, ?Length $mainLength, Length $gap): self
    {
        $arbor = $spool->geometry->arbor ?? throw BadSpool::noArborToBuildOn();
        if ($wraps === null) {
            $rise = (self::needed($spool, $main, $mainLength, $gap)->inMillimetres() - sqrt(
                $arbor->meanSquare()->inSquareMillimetres(),
            )) / 2;
            $wraps = max(1, min(self::MOST_TAPE, (int) round($rise / $thickness->inMillimetres())));
        }
        $raised = $arbor->under(Length::millimetres($wraps * $thickness->inMillimetres()));

        return new self($spool->withArbor($raised), $raised->thick, $wraps);
    }

    /** The straight arbor on which the main line alone fills the spool: D = sqrt(D_full2 - 4V / (pi w scale)). */
    private static function needed(Spool $spool, Line $main, ?Length $mainLength, Length $gap): Diameter
    {
        $geometry = $spool->geometry ?? throw BadSpool::noArborToBuildOn();
        $mainLength ?? throw BadWay::mainLengthNeeded();
        $full = $geometry->diameterAt($gap)->inMillimetres();
        $volume = 1000 * $mainLength->inMetres() * $main->cell($spool->lay)->inSquareMillimetres();
        $square = $full ** 2 - 4 * $volume / (M_PI * $geometry->traverse->inMillimetres() * $spool->scale);
        $least = $geometry->arbor->meanSquare()->inSquareMillimetres();
        $square > $least || throw BadWay::noRoomToSave();

        return Diameter::millimetres(sqrt($square));
    }
}
