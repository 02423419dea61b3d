<?php

declare(strict_types=1);

namespace Undro\Twist;

use Undro\Line\Line;
use Undro\Units\Length;

/**
 * What becomes of a line's twist when it is fished: a slipping drag adds to the line that is out, trailing lets the line that
 * is out spin free. The same figures as when winding, with the part that is out kept apart.
 *
 * General experience: trailed bare, line loses nearly all of its twist; what stays on the reel keeps it.
 */
final readonly class Lab
{
    /**
     * @param float      $out       turns per metre in the line that is out, signed
     * @param float      $reel      turns per metre in the line on the reel
     * @param float|null $allowed   turns per metre from which slack springs into loops; null for braid
     * @param float      $loops     loops that spring up in a metre of slack: each takes about one turn over that limit
     */
    private function __construct(public float $out, public float $reel, public ?float $allowed, public float $loops) {}

    /**
     * @param Twist  $wound        as it was wound
     * @param float  $slipTurns    handle turns against a slipping drag
     * @param Length $lineOut      that is out while the drag slips
     * @param bool   $trailed      the line that is out was trailed bare afterwards
     * @param bool   $cast         the line that is out was cast, rather than as it went on
     *
     * @throws BadWinding
     */
    public static function of(
        Twist $wound,
        Line $line,
        float $slipTurns,
        float $gearRatio,
        Length $lineOut,
        bool $trailed,
        bool $cast,
    ): self {
        $lineOut->inMetres() > 0 || throw BadWinding::noLineOut();
        // a rotor turning while no line comes in twists it the way a wrap would
        $slip = -$slipTurns * $gearRatio / $lineOut->inMetres();
        $out = $trailed ? 0.0 : ($cast ? $wound->water : $wound->winding) + $slip;
        $allowed = self::allowed($line);

        return new self($out, $wound->winding, $allowed, $allowed === null ? 0.0 : max(0.0, abs($out) - $allowed));
    }

    /** The twist at which a metre let down from the tip begins to loop: T(t) = weight of its bow. */
    public static function allowed(Line $line): ?float
    {
        $one = Twist::loopTensionAt($line, 1.0);
        $weight = Twist::slackWeight($line);

        return $one === null || $weight === null ? null : sqrt($weight->inNewtons() / $one->inNewtons());
    }
}
