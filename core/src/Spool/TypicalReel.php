<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Units\Length;
use Undro\Units\Sentence;

/**
 * What a handle turn winds where the spool's shape or the gear ratio is not known: from the volume that the printed capacity gives, and from what
 * reels of this kind usually are. Source: handbook, chapter 2, "A spool known by its stamp alone".
 */
final readonly class TypicalReel
{
    /** By kind of reel: volume over lip cubed, wraps over lip, sd of that, gear ratio, sd of that. */
    private const REELS = [
        'spinning' => [0.136, 0.80, 0.10, 5.2, 0.08],
        'baitcasting' => [0.22, 0.735, 0.10, 6.8, 0.12],
        'spincast' => [0.090, 0.78, 0.12, 3.8, 0.15],
    ];

    /**
     * @param float       $gearRatio as typed, or as such reels usually have
     * @param Length|null $perTurn   the same all through a layer; null: the spool's shape is known, and the line's surface gives it
     * @param float       $sd        relative, of what a turn winds
     * @param Sentence    $surer     the one measure that helps most
     */
    private function __construct(public float $gearRatio, public ?Length $perTurn, public float $sd, public Sentence $surer) {}

    /** Null: shape and gear ratio are both known, and nothing has to be taken by experience. */
    public static function of(ReelKind $reel, Spool $spool, ?float $gearRatio): ?self
    {
        [$share, $wraps, $wrapsSd, $gear, $gearSd] = self::REELS[$reel->value];
        $gearSd = $gearRatio === null ? $gearSd : 0.0;
        $typeGear = Sentence::of('Type the reel’s gear ratio: that helps most.');
        if ($spool->geometry !== null) {
            return $gearRatio === null ? new self($gear, null, $gearSd, $typeGear) : null;
        }
        $lip = $spool->lip?->inMillimetres() ?? ($spool->fullVolume($spool->ratedGap)->inCubicMillimetres() / $share) ** (1 / 3);

        return new self(
            $gearRatio ?? $gear,
            Length::millimetres(M_PI * $wraps * $lip * ($gearRatio ?? $gear)),
            hypot($wrapsSd, $gearSd),
            $gearSd > $wrapsSd ? $typeGear : Sentence::of('Measure the lip, and the arbor or the spool width: that helps most.'),
        );
    }

    /** Half the 90 % interval of what a turn winds. */
    public function half(Length $perTurn): Length
    {
        return Length::metres(Tolerance::BAND * $this->sd * $perTurn->inMetres());
    }
}
