<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Line\Lay;
use Undro\Units\Length;
use Undro\Units\Volume;

/** What the stamped ratings of one spool say together: the room at the rated gap, and how well that is known. */
final readonly class Capacity
{
    private function __construct(public Volume $volume, public float $sd, public Length $ratedGap, public bool $disagreeing) {}

    /** @param non-empty-list<Rating> $ratings */
    public static function stamped(array $ratings, Length $ratedGap): self
    {
        $indices = array_map(static fn(Rating $rating): float => $rating->capacityIndex(), $ratings);
        $count = count($indices);
        $mean = array_sum($indices) / $count;
        $sd = Tolerance::ONE_RATING;
        $disagreeing = false;
        if ($count > 1) {
            $squares = array_map(static fn(float $index): float => ($index - $mean) ** 2, $indices);
            $spread = sqrt(array_sum($squares) / ($count - 1)) / $mean / sqrt($count);
            $sd = max(Tolerance::RATINGS_AT_BEST, $spread);
            $disagreeing = $spread > Tolerance::ONE_RATING;
        }
        foreach ($ratings as $rating) {
            if ($rating->nominal) {
                $sd = hypot($sd, Tolerance::NOMINAL_RATING);
                break;
            }
        }

        // the maker's own lay is taken as normal; the lay of this fill enters only through its cells
        return new self(Volume::cubicMillimetres(1000 * Lay::Normal->factor() * $mean), $sd, $ratedGap, $disagreeing);
    }
}
