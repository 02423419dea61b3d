<?php

declare(strict_types=1);

namespace Undro\Twist;

use Undro\Line\Line;
use Undro\Spool\ReelKind;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;

/**
 * The twist that winding puts into a line, turns per metre, signed, and whether slack line will spring into loops.
 * Source: handbook, chapter 3.
 */
final readonly class Twist
{
    /** The slackest part of a metre let down from the tip carries about this much of its own length, m. */
    private const BOW_M = 0.15;

    /**
     * @param float      $winding     in the running line and on the reel
     * @param float      $water       straight in the water after a cast, its end not free to spin
     * @param Force|null $loopTension below this tension loops appear; null where the line is not elastic (braid) or not given
     * @param Force|null $slackWeight the tension at the bottom of a hanging bow
     */
    private function __construct(
        public float $winding,
        public float $water,
        public ?Force $loopTension,
        public ?Force $slackWeight,
    ) {}

    /**
     * @param Sense|null $filler which way the line circles off the filler; needed over the end on a fixed spool
     * @param Sense|null $rotor  which way the rotor turns; needed over the end on a fixed spool
     *
     * @throws BadWinding
     */
    public static function of(
        ReelKind $reel,
        Feed $feed,
        ?Sense $filler,
        ?Sense $rotor,
        Diameter $fillerDiameter,
        Diameter $spoolDiameter,
        ?Line $line = null,
    ): self {
        $fillerDiameter->inMillimetres() > 0 || throw BadWinding::noDiameter('filler_diameter_mm', 'filler');
        $spoolDiameter->inMillimetres() > 0 || throw BadWinding::noDiameter('spool_diameter_mm', 'reel spool');
        $water = 0.0;
        if ($feed === Feed::OverEnd) {
            $water = self::match($reel, $filler, $rotor) * 1000 / (M_PI * $fillerDiameter->inMillimetres());
        }
        $winding = $reel->hasFixedSpool() ? $water - 1000 / (M_PI * $spoolDiameter->inMillimetres()) : $water;

        return new self($winding, $water, self::loopTensionAt($line, $winding), self::slackWeight($line));
    }

    /** Null where the line is not elastic or not given. */
    public function loopsInSlack(): ?bool
    {
        return $this->loopTension === null || $this->slackWeight === null
            ? null
            : $this->loopTension->inNewtons() > $this->slackWeight->inNewtons();
    }

    /** h: +1 where filler and rotor turn the same way, -1 where they oppose. */
    private static function match(ReelKind $reel, ?Sense $filler, ?Sense $rotor): int
    {
        if (!$reel->hasFixedSpool()) {
            return 1;
        }
        $filler ?? throw BadWinding::senseUnknown('filler_turns', 'filler');
        $rotor ?? throw BadWinding::senseUnknown('rotor_turns', 'rotor');

        return $filler === $rotor ? 1 : -1;
    }

    /** T = G2 pi3 d4 t2 / (16 E); null where the line is not elastic or not given */
    public static function loopTensionAt(?Line $line, float $turnsPerMetre): ?Force
    {
        $young = $line?->material->youngsModulus();
        $shear = $line?->material->shearModulus();
        if ($line === null || $young === null || $shear === null) {
            return null;
        }
        $metres = $line->diameter->inMillimetres() / 1000;

        return Force::newtons(($shear * 1e9) ** 2 * M_PI ** 3 * $metres ** 4 * $turnsPerMetre ** 2 / (16 * $young * 1e9));
    }

    /** rho pi/4 d2 g x 0.15: the tension at the bottom of a hanging metre; null where the line is not elastic or not given */
    public static function slackWeight(?Line $line): ?Force
    {
        if ($line === null || $line->material->youngsModulus() === null) {
            return null;
        }
        $metres = $line->diameter->inMillimetres() / 1000;

        return Force::newtons($line->material->density() * M_PI / 4 * $metres ** 2 * ForceUnit::STANDARD_GRAVITY * self::BOW_M);
    }
}
