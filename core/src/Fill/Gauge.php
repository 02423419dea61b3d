<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Units\Length;

/** An everyday thing of known thickness to hold beside a gap. Cards: ISO/IEC 7810, 0.76 mm; the others are usual sizes. */
final readonly class Gauge
{
    /** mm => what it is; each is drawn from the side, to scale */
    private const THINGS = [
        ['card', 1, 0.76, "a bank card's edge"],
        ['card', 2, 1.52, 'two bank cards'],
        ['coin', 1, 1.85, "a coin's edge"],
        ['match', 1, 2.1, 'a match'],
        ['card', 3, 2.28, 'three bank cards'],
        ['card', 4, 3.04, 'four bank cards'],
        ['coin', 2, 3.7, 'two coins'],
        ['match', 2, 4.2, 'two matches'],
        ['coin', 3, 5.55, 'three coins'],
        ['pencil', 1, 7.0, 'a pencil'],
    ];

    private function __construct(public string $thing, public int $count, public Length $thickness, public string $word) {}

    /** The thing nearest to a gap; null where none is within a quarter of it. */
    public static function nearest(Length $gap): ?self
    {
        $best = null;
        foreach (self::THINGS as [$thing, $count, $millimetres, $word]) {
            $gauge = new self($thing, $count, Length::millimetres($millimetres), $word);
            if ($best === null || $gauge->off($gap) < $best->off($gap)) {
                $best = $gauge;
            }
        }

        return $best->off($gap) <= 0.25 * $gap->inMillimetres() ? $best : null;
    }

    private function off(Length $gap): float
    {
        return abs($this->thickness->inMillimetres() - $gap->inMillimetres());
    }
}
