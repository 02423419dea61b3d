<?php

declare(strict_types=1);

namespace Undro\Learning;

/**
 * Which fills do not agree with the rest: the worst is set aside, the rest solved again, one at a time, so that one slip of the pen neither
 * bends a figure nor makes good readings look absurd. Source: handbook, chapter 6, learning.
 */
final class Outliers
{
    /** A fill further from what the others say than this many sd of the difference is set aside. */
    public const DOUBT = 3.5;
    /** Two fills as far off as each other to within this share are a tie. */
    private const TIE = 1e-9;

    /** @var array<int, float> by how much each misses what is believed, mm3 */
    private array $misses = [];
    /** @var array<int, float> its variance less what the belief leaves of it, mm6 */
    private array $left = [];
    /** @var array<int, array<int, float>> each through the lines alone */
    private array $through = [];

    /** @param array<int, Equation> $counted by number */
    private function __construct(private array $counted, private Posterior $believed)
    {
        foreach ($counted as $number => $fill) {
            $this->misses[$number] = $believed->misses($fill);
            $this->left[$number] = self::above0($fill, $fill->variance - $believed->varianceOf($fill));
            $this->through[$number] = $believed->through($fill);
        }
    }

    /**
     * @param array<int, Equation>                      $fills by number
     * @param \Closure(array<int, Equation>): Posterior $solve
     *
     * @return array{list<int>, Posterior} the numbers of those set aside, ascending, and what is believed of the rest
     */
    public static function among(array $fills, \Closure $solve): array
    {
        [$counted, $aside, $believed] = [$fills, [], $solve($fills)];
        // what comes back may be what another one disagrees with then: until what counts agrees, and what does not count does not
        for ($round = 0; $round <= count($fills); ++$round) {
            $search = new self($counted, $believed);
            $out = $search->setAside();
            if ($out !== []) {
                [$counted, $aside] = [$search->counted, [...$aside, ...$out]];
                $believed = $solve($counted);
            }
            $back = false;
            foreach ($aside as $place => $number) {
                if (self::fits($fills[$number], $believed)) {
                    unset($aside[$place]);
                    $counted[$number] = $fills[$number];
                    $believed = $solve($counted);
                    $back = true;
                }
            }
            if (!$back) {
                break;
            }
            // of two as far off the later is looked at
            ksort($counted);
        }
        sort($aside);

        return [$aside, $believed];
    }

    /** @return list<int> those too far from what all others predict, the worst first, each left out before the next is looked for */
    private function setAside(): array
    {
        $aside = [];
        while (($worst = $this->worst()) !== null) {
            $aside[] = $worst;
            $this->leaveOut($worst);
        }

        return $aside;
    }

    /** The fill furthest from what all others predict, if that is too far; of two as far, the later. */
    private function worst(): ?int
    {
        $worst = null;
        $furthest = self::DOUBT ** 2;
        foreach ($this->misses as $number => $off) {
            // without this fill the difference would be off R / (R - hCh), its variance R2 / (R - hCh)
            $far = $off ** 2 / $this->left[$number];
            if ($far > $furthest || ($worst !== null && $far >= $furthest * (1 - self::TIE))) {
                $worst = $number;
                $furthest = $far;
            }
        }

        return $worst;
    }

    /** Every figure moves by what a fill had in common with the one that goes; only its own spool is seen otherwise from then on. */
    private function leaveOut(int $number): void
    {
        $fill = $this->counted[$number];
        [$off, $left] = [$this->misses[$number], $this->left[$number]];
        $along = $this->believed->along($this->through[$number]);
        unset($this->counted[$number], $this->misses[$number], $this->left[$number], $this->through[$number]);
        $believed = $this->believed->without($fill, $along, $left);
        foreach ($this->counted as $each => $other) {
            $same = $other->spool === $fill->spool;
            $common = $same ? $this->believed->inCommon($other, $fill) : 0.0;
            foreach ($this->through[$each] as $line => $volume) {
                $common += $volume * $along[$line];
            }
            $this->misses[$each] += $common * $off / $left;
            $this->left[$each] = self::above0($other, $this->left[$each] - $common ** 2 / $left);
            if ($same) {
                $this->through[$each] = $believed->through($other);
            }
        }
        $this->believed = $believed;
    }

    /** Whether a fill that is not counted agrees with those that are. */
    private static function fits(Equation $fill, Posterior $believed): bool
    {
        return $believed->misses($fill) ** 2 <= self::DOUBT ** 2 * ($fill->variance + $believed->varianceOf($fill));
    }

    /** Rounding takes nothing under 0. */
    private static function above0(Equation $fill, float $left): float
    {
        return max(1e-9 * $fill->variance, $left);
    }
}
