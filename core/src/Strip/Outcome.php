<?php

declare(strict_types=1);

namespace Undro\Strip;

use Undro\Line\Material;
use Undro\Units\Length;

/** What one way of taking line off comes to: how much goes, what stays, how often it is wound, which end is on top afterwards. */
final readonly class Outcome
{
    /** What is worn after a season: 20 to 30 m of nylon (handbook, chapter 6). Braid wears over a cast. */
    private const WORN_M = 25.0;
    private const WORN_BRAID_M = 40.0;

    /**
     * @param int       $passes how often all of it is wound from one spool onto another
     * @param Length    $wound  metres wound altogether
     * @param bool|null $wornOnTop which end comes out on top where it then lies; null: nothing lies
     * @param bool      $fits   it can be done with what there is
     */
    private function __construct(
        public Removal $removal,
        public Length $off,
        public Length $stays,
        public int $passes,
        public Length $wound,
        public ?bool $wornOnTop,
        public bool $fits,
    ) {}

    /**
     * Every way, for line that lies on a spool.
     *
     * @param Length $total  all of it
     * @param Length $outer  the outermost piece
     * @param Length $worn   of the outer end
     *
     * @return list<self>
     *
     * @throws BadStrip if more is worn than there is
     */
    public static function all(Length $total, Length $outer, Length $worn): array
    {
        $total->inMetres() > 0 || throw BadStrip::nothingThere();
        $worn->inMetres() <= $total->inMetres() || throw BadStrip::moreThanThere($worn, $total);
        $none = Length::metres(0);
        $times = static fn(int $passes): Length => Length::metres($passes * $total->inMetres());

        return [
            new self(Removal::Off, $total, $none, 1, $times(1), null, true),
            new self(
                Removal::CutBack,
                $worn,
                Length::metres($total->inMetres() - $worn->inMetres()),
                0,
                $none,
                false,
                $worn->inMetres() < $outer->inMetres(),
            ),
            // to carrier and to carrier and back: each pass swaps the ends, and an odd number leaves the fresh end on top
            new self(Removal::TurnOver, $none, $total, 3, $times(3), false, true),
            new self(Removal::OntoFiller, $total, $none, 1, $times(1), false, true),
            new self(Removal::OntoReel, $total, $none, 1, $times(1), false, true),
        ];
    }

    /** How much of the outer end is usually worn after a season. */
    public static function usuallyWorn(Material $material, Length $outer): Length
    {
        return Length::metres(min($outer->inMetres() / 2, $material === Material::Braid ? self::WORN_BRAID_M : self::WORN_M));
    }
}
