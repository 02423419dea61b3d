<?php

declare(strict_types=1);

namespace Undro\Drag;

/**
 * What the pulls so far tell of a knob: how the force follows its position, with all that is still open.
 *
 * Many laws are weighed at once: log force grows by `s / c ln(1 + c x)` over x turns, where s is the growth per turn where the first pull
 * was taken
 * and c how soon it flattens. c = 0 is an exponential (a stack of springs that stiffens); c > 0 is a power of the turns the knob is in
 * already. The
 * level of each law is fitted to all pulls; how well it then fits is its weight. The noise of a pull is about 3 %, and more where the pulls
 * say so.
 * Handbook, chapter 5: fit log force against position, all pulls, with its uncertainty.
 */
final readonly class KnobLaw
{
    /** What a pull's reading is good to, and how many pulls' worth of faith that is. */
    private const NOISE = 0.03;
    private const NOISE_FAITH = 12.0;
    private const READING = 0.06;
    /** Laws less likely than this beside the best are dropped. */
    private const NEGLIGIBLE = 1e-4;

    /** How many laws of each kind are weighed, for each size of a click or notch. */
    private const EXPONENTIALS = 24;
    private const TURNS_IN = 9;
    private const EXPONENTS = 18;

    /**
     * @param list<array{float, float, float, float, float}> $laws growth per unit, flattening per unit, level at the origin,
     *                                                             variance of that level, weight
     */
    private function __construct(private float $origin, private array $laws) {}

    /** @param non-empty-list<array{float, float}> $points position and force in newtons, of each pull */
    public static function fitted(Knob $knob, array $points): self
    {
        $origin = $points[0][0];
        $count = count($points);
        $xs = array_map(static fn(array $point): float => $point[0] - $origin, $points);
        $ys = array_map(static fn(array $point): float => log($point[1]), $points);
        $least = min($xs);
        $laws = [];
        $best = -INF;
        foreach (self::prior($knob) as [$growth, $flattening, $prior]) {
            if (1 + $flattening * $least < 0.05) {
                continue; // the knob would be backed off past where it bites
            }
            $off = [];
            foreach ($xs as $i => $x) {
                $off[] = $ys[$i] - self::shape($growth, $flattening, $x);
            }
            $level = array_sum($off) / $count;
            $misfit = 0.0;
            foreach ($off as $each) {
                $misfit += ($each - $level) ** 2;
            }
            $faith = self::NOISE_FAITH + $count - 1;
            $noise = (self::NOISE_FAITH * self::NOISE ** 2 + $misfit) / $faith;
            $likely = log($prior) - 0.5 * $faith * log($noise);
            $best = max($best, $likely);
            $laws[] = [$growth, $flattening, $level, $noise / $count, $likely];
        }
        $kept = [];
        $sum = 0.0;
        foreach ($laws as $law) {
            $law[4] = exp($law[4] - $best);
            if ($law[4] > self::NEGLIGIBLE) {
                $kept[] = $law;
                $sum += $law[4];
            }
        }

        return new self($origin, array_map(static fn(array $law): array => [$law[0], $law[1], $law[2], $law[3], $law[4] / $sum], $kept));
    }

    /** The chance that the force there is over this many newtons. */
    public function chanceOver(float $position, float $newtons): float
    {
        $x = $position - $this->origin;
        $limit = log($newtons);
        $chance = 0.0;
        foreach ($this->laws as [$growth, $flattening, $level, $variance, $weight]) {
            $chance += $weight * self::beyond(($limit - $level - self::shape($growth, $flattening, $x)) / sqrt($variance));
        }

        return $chance;
    }

    /** How far off what is believed a reading there lies, in sd of both; a reading is good to 6 % beside the law, since drags jerk. Ours. */
    public function surprise(float $position, float $newtons): float
    {
        $x = $position - $this->origin;
        [$mean, $square] = [0.0, 0.0];
        foreach ($this->laws as [$growth, $flattening, $level, $variance, $weight]) {
            $at = $level + self::shape($growth, $flattening, $x);
            $mean += $weight * $at;
            $square += $weight * ($at ** 2 + $variance);
        }

        return abs(log($newtons) - $mean) / sqrt(max(0.0, $square - $mean ** 2) + self::READING ** 2);
    }

    /** The middle of what is believed of the force there, N. */
    public function force(float $position): float
    {
        return $this->band($position)[0];
    }

    /**
     * What is believed of the force there.
     *
     * @return array{float, float, float} middle, low and high of 90 %, N
     */
    public function band(float $position): array
    {
        $x = $position - $this->origin;
        $order = array_map(static fn(array $law): array => [$law[2] + self::shape($law[0], $law[1], $x), $law[4], $law[3]], $this->laws);
        usort($order, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $found = [];
        foreach ([0.5, 0.05, 0.95] as $share) {
            $sum = 0.0;
            foreach ($order as [$middle, $weight, $variance]) {
                $sum += $weight;
                if ($sum >= $share) {
                    $found[] = exp($middle + ($share <=> 0.5) * 1.645 * sqrt($variance));
                    break;
                }
            }
        }

        return [$found[0] ?? 0.0, $found[1] ?? 0.0, $found[2] ?? 0.0];
    }

    private static function shape(float $growth, float $flattening, float $x): float
    {
        return $flattening < 1e-9 ? $growth * $x : $growth / $flattening * log(max(0.02, 1 + $flattening * $x));
    }

    /** The chance of more than so many sd: 1 - Phi(z), by Abramowitz and Stegun 26.2.17, good to 1e-7. */
    private static function beyond(float $z): float
    {
        $t = 1 / (1 + 0.2316419 * abs($z));
        $series = 0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429)));
        $tail = 0.3989422804 * exp(-$z * $z / 2) * $t * $series;

        return $z >= 0 ? $tail : 1 - $tail;
    }

    /**
     * The laws before any pull: half exponentials of 0.1 to 1.1 a turn, half powers of 0.4 to 3.3 with the knob 1.2 to 7 turns in.
     * For clicks and notches the same laws, by what one of them is in turns.
     *
     * @return list<array{float, float, float}> growth per unit, flattening per unit, weight
     */
    private static function prior(Knob $knob): array
    {
        /** @var array<string, list<array{float, float, float}>> $known */
        static $known = [];
        if (isset($known[$knob->value])) {
            return $known[$knob->value];
        }
        [$least, $most] = $knob->inTurns();
        $scales = $least === $most ? [$least] : array_map(static fn(int $i): float => $least * ($most / $least) ** ($i / 4), range(0, 4));
        $laws = [];
        foreach ($scales as $scale) {
            foreach (self::steps(0.1, 1.1, self::EXPONENTIALS) as $growth) {
                $laws[] = [$growth * $scale, 0.0, 1 / self::EXPONENTIALS];
            }
            foreach (self::steps(1.2, 7.0, self::TURNS_IN) as $in) {
                foreach (self::steps(0.4, 3.3, self::EXPONENTS) as $exponent) {
                    $laws[] = [$exponent / $in * $scale, $scale / $in, 1 / self::TURNS_IN / self::EXPONENTS];
                }
            }
        }

        return $known[$knob->value] = $laws;
    }

    /** @return list<float> */
    private static function steps(float $from, float $to, int $count): array
    {
        return array_map(static fn(int $i): float => $from + ($to - $from) * ($i + 0.5) / $count, range(0, $count - 1));
    }
}
