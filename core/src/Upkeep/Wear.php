<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Line\Material;
use Undro\Units\Length;

/** How far a line has come towards its limits, when it will get there, and how far out it is used. */
final readonly class Wear
{
    private const DAYS_A_MONTH = 365.25 / 12;
    /** From this share of the limits on a line is soon due. */
    private const SOON = 0.85;
    /** Where no cast was ever noted. Ours. */
    private const USUAL_CAST_M = 50.0;
    /** Kept beyond the longest cast for a fish that runs, where no run was noted. Ours. */
    private const USUAL_RESERVE_M = 30.0;
    private const MONTHS_A_YEAR = 12;
    /** A year on the shelf counts as a third of one on a reel. Source: handbook, chapter 5, condition. */
    private const SHELF = 1 / 3;
    /** An own pace slower than this does not put the date off any further, so that one outing never moves it far. Ours. */
    private const SLOWEST_DAYS_AN_OUTING = 14.0;

    /**
     * @param float       $ageMonths   on the reel
     * @param float       $shelfMonths before that, on its filler; they count a third
     * @param int         $outings     since it is on
     * @param int         $hard        of the outings, in heavy sun or over rough ground
     * @param float       $counted     outings, a hard one counted one and a half
     * @param bool        $byAge       whether age comes first
     * @param float       $share       of the limit that comes first, used up
     * @param string      $dueOn       ISO date
     * @param int         $daysLeft    until then; below 0: since
     * @param string|null $turnOn      ISO date on which a braid is to be turned over; null: it was, is no braid, or is done before that
     * @param Length      $reach       the longest cast and a reserve
     * @param bool        $castKnown   a cast was noted
     */
    private function __construct(
        public Limits $limits,
        public float $ageMonths,
        public float $shelfMonths,
        public int $outings,
        public int $hard,
        public float $counted,
        public bool $byAge,
        public float $share,
        public string $dueOn,
        public int $daysLeft,
        public ?string $turnOn,
        public Length $reach,
        public bool $castKnown,
    ) {}

    /**
     * @param string       $since   ISO, when the line came onto its reel
     * @param list<Outing> $outings of the spool; those before it came on do not count
     * @param string|null  $turned  ISO, when it was turned over
     * @param string       $today   ISO
     * @param float        $shelfMonths on its filler before
     */
    public static function of(
        Material $material,
        Limits $limits,
        string $since,
        array $outings,
        ?string $turned,
        string $today,
        float $shelfMonths = 0.0,
    ): self {
        $outings = array_values(
            array_filter(
                $outings,
                static fn(Outing $outing): bool => substr($outing->at, 0, 10) >= substr($since, 0, 10)
                    && substr($outing->at, 0, 10) <= substr($today, 0, 10),
            ),
        );
        $count = count($outings);
        $hard = count(array_filter($outings, static fn(Outing $outing): bool => $outing->hard));
        $counted = self::counted($outings);
        $left = $limits->after($hard);
        $age = self::months($since, $today);
        $each = self::monthsAnOuting($limits, $since, $age, $outings);
        $lived = $age + self::SHELF * $shelfMonths;
        $isTurned = $material === Material::Braid && $turned !== null && $turned >= $since;
        if ($isTurned) {
            // the unworn end has half of its life before it, also where it came out late
            $lived = min($lived, $left->half()->months + self::months($turned, $today));
            $counted = min($counted, $left->half()->outings + self::counted(self::from($outings, $turned)));
        }
        [$share, $byAge, $months] = self::used($left, $lived, $counted, $each);
        $turnOn = null;
        if ($material === Material::Braid && !$isTurned) {
            $turnOn = self::later($today, self::used($left->half(), $lived, $counted, $each)[2]);
        }
        $cast = max([0.0, ...array_map(static fn(Outing $outing): float => $outing->cast?->inMetres() ?? 0.0, $outings)]);
        $run = max([0.0, ...array_map(static fn(Outing $outing): float => $outing->run?->inMetres() ?? 0.0, $outings)]);

        $dueOn = self::later($today, $months);
        $days = (new \DateTimeImmutable(substr($today, 0, 10)))->diff(new \DateTimeImmutable($dueOn));

        return new self(
            $left,
            $age,
            $shelfMonths,
            $count,
            $hard,
            $counted,
            $byAge,
            $share,
            $dueOn,
            (int) $days->format('%r%a'),
            $turnOn !== null && $turnOn < $dueOn ? $turnOn : null,
            Length::metres(($cast > 0 ? $cast : self::USUAL_CAST_M) + ($run > 0 ? $run : self::USUAL_RESERVE_M)),
            $cast > 0,
        );
    }

    /** Whether it is past its age limit, by the same age as its due date. */
    public function isPastAge(): bool
    {
        return $this->lived() >= $this->limits->months;
    }

    /** Its age as it counts, months: a year on the shelf is a third of one on a reel. */
    private function lived(): float
    {
        return $this->ageMonths + self::SHELF * $this->shelfMonths;
    }

    /**
     * Fresh, soon due, to be turned, or due.
     *
     * @param string $today ISO 8601
     */
    public function state(string $today): State
    {
        return match (true) {
            $this->share >= 1 => State::Due,
            $this->turnOn !== null && $this->turnOn <= substr($today, 0, 10) => State::Turn,
            $this->share >= self::SOON => State::Soon,
            default => State::Fit,
        };
    }

    /** @param list<Outing> $outings a hard one counts one and a half */
    private static function counted(array $outings): float
    {
        return array_sum(array_map(static fn(Outing $outing): float => $outing->hard ? Limits::HARD_OUTING : 1.0, $outings));
    }

    /**
     * @param list<Outing> $outings
     *
     * @return list<Outing> on that day or after it
     */
    private static function from(array $outings, string $day): array
    {
        return array_values(array_filter($outings, static fn(Outing $each): bool => substr($each->at, 0, 10) >= substr($day, 0, 10)));
    }

    /** @return array{float, bool, float} share used, whether by age, and months until it is due (below 0: since) */
    private static function used(Limits $limits, float $age, float $outings, float $monthsAnOuting): array
    {
        $byAge = $age / $limits->months;
        $byOutings = $outings / $limits->outings;
        $ageLeft = $limits->months - $age;
        $outingsLeft = $outings > 0 ? ($limits->outings - $outings) * $monthsAnOuting : INF;

        return [max($byAge, $byOutings), $ageLeft <= $outingsLeft, min($ageLeft, $outingsLeft)];
    }

    /**
     * How long an outing lasts: its share of the line's life, or the angler's own pace in the line's last whole year, so that one more
     * outing counts for itself and changes no pace.
     *
     * @param list<Outing> $outings
     */
    private static function monthsAnOuting(Limits $limits, string $since, float $age, array $outings): float
    {
        $years = (int) floor($age / self::MONTHS_A_YEAR);
        if ($years < 1) {
            return $limits->monthsAnOuting();
        }
        $from = self::later($since, ($years - 1) * self::MONTHS_A_YEAR);
        $to = self::later($since, $years * self::MONTHS_A_YEAR);
        $count = count(array_filter($outings, static function (Outing $outing) use ($from, $to): bool {
            $day = substr($outing->at, 0, 10);

            return $day >= $from && $day < $to;
        }));
        $slowest = max($limits->monthsAnOuting(), self::SLOWEST_DAYS_AN_OUTING / self::DAYS_A_MONTH);

        return $count === 0 ? $slowest : min($slowest, self::MONTHS_A_YEAR / $count);
    }

    private static function months(string $from, string $to): float
    {
        return max(
            0.0,
            (new \DateTimeImmutable(substr($to, 0, 10)))->diff(new \DateTimeImmutable(substr($from, 0, 10)))->days / self::DAYS_A_MONTH,
        );
    }

    /** An ISO date so many months later. */
    private static function later(string $date, float $months): string
    {
        return (new \DateTimeImmutable(substr($date, 0, 10)))->modify(
            sprintf('%+d days', (int) round(max(-600.0, min(600.0, $months)) * self::DAYS_A_MONTH)),
        )->format('Y-m-d');
    }
}
