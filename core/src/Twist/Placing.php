<?php

declare(strict_types=1);

namespace Undro\Twist;

use Undro\Line\Line;
use Undro\Spool\ReelKind;
use Undro\Units\Diameter;
use Undro\Units\Length;

/**
 * One way to place a filler, with the twist it gives from the first metre to the last. Source: handbook, chapter 3.
 *
 * Over a whole fill the filler's and the spool's wraps are counted: their number is line over pi times the mean of the
 * diameters at both ends, exact for a cylinder, since the integral of dL / D with D2 linear in L is 2 L / (D0 + D1).
 */
final readonly class Placing
{
    /** A reel spool nobody has measured, over its line. General experience of ours. */
    public const SPOOL_MM = 40.0;

    /**
     * @param float     $windingTurns over the whole line, signed
     * @param float     $waterTurns   over the whole line, signed
     */
    private function __construct(
        public PlacingId $id,
        public Feed $feed,
        public ?Sense $filler,
        public Twist $start,
        public Twist $end,
        public float $windingTurns,
        public float $waterTurns,
    ) {}

    /**
     * Every way there is for a reel, the soundest first.
     *
     * @param Sense|null $rotor null: not looked at yet; then only whether they match is said
     *
     * @return list<self>
     *
     * @throws BadWinding
     */
    public static function all(
        ReelKind $reel,
        ?Sense $rotor,
        Diameter $fillerFull,
        Diameter $fillerAfter,
        Diameter $spoolBefore,
        Diameter $spoolAfter,
        Length $length,
        Line $line,
    ): array {
        $fillerAfter->inMillimetres() <= $fillerFull->inMillimetres() || throw BadWinding::fillerGrows($fillerFull, $fillerAfter);
        $spoolAfter->inMillimetres() >= $spoolBefore->inMillimetres() || throw BadWinding::spoolShrinks($spoolBefore, $spoolAfter);
        $turns = $rotor ?? Sense::Clockwise;
        $ways = $reel->hasFixedSpool()
            ? [
                [PlacingId::Matched, Feed::OverEnd, $turns],
                [PlacingId::Axle, Feed::Rotating, null],
                [PlacingId::Opposed, Feed::OverEnd, $turns->opposite()],
            ]
            : [[PlacingId::Axle, Feed::Rotating, null], [PlacingId::OverEnd, Feed::OverEnd, $turns]];

        [$fillers, $spools] = [[$fillerFull, $fillerAfter], [$spoolBefore, $spoolAfter]];

        return array_map(static function (array $way) use ($reel, $turns, $rotor, $fillers, $spools, $length, $line): self {
            [[$fillerFull, $fillerAfter], [$spoolBefore, $spoolAfter]] = [$fillers, $spools];
            [$id, $feed, $filler] = $way;
            $start = Twist::of($reel, $feed, $filler, $turns, $fillerFull, $spoolBefore, $line);
            $end = Twist::of($reel, $feed, $filler, $turns, $fillerAfter, $spoolAfter, $line);
            $mean = static fn(Diameter $a, Diameter $b): Diameter => Diameter::millimetres(($a->inMillimetres() + $b->inMillimetres()) / 2);
            $whole = Twist::of($reel, $feed, $filler, $turns, $mean($fillerFull, $fillerAfter), $mean($spoolBefore, $spoolAfter), $line);

            return new self(
                $id,
                $feed,
                $rotor === null ? null : $filler,
                $start,
                $end,
                $whole->winding * $length->inMetres(),
                $whole->water * $length->inMetres(),
            );
        }, $ways);
    }

    /** Whether slack line springs into loops at the worse end; null where the line is not elastic. */
    public function loops(): ?bool
    {
        $start = $this->start->loopsInSlack();

        return $start === null ? null : $start || $this->end->loopsInSlack() === true;
    }
}
