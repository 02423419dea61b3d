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
    /** The pace of outings is taken from this many of the last months. */
    private const LATELY_MONTHS = 12.0;

    /**
     * @param float       $ageMonths   on the reel
     * @param int         $outings     since it is on
     * @param float       $hardShare   of the outings
     * @param bool        $byAge       whether age comes first
     * @param float       $share       of the limit that comes first, used up
     * @param string      $dueOn       ISO date
     * @param int         $daysLeft    until then; below 0: since
     * @param string|null $turnOn      ISO date on which a braid is to be turned over; null: it was, is no braid, or is done before that
     * @param Length      $reach       the longest cast and a reserve
     */
    private function __construct(
        public Limits $limits,
        public float $ageMonths,
        public int $outings,
        public float $hardShare,
        public bool $byAge,
        public float $share,
        public string $dueOn,
        public int $daysLeft,
        public ?string $turnOn,
        public Length $reach,
    ) {}

    /**
     * @param string       $since   ISO, when the line came onto its reel
     * @param list<Outing> $outings of the spool; those before it came on do not count
     * @param string|null  $turned  ISO, when it was turned over
     * @param string       $today   ISO
     */
    public static function of(Material $material, Limits $limits, string $since, array $outings, ?string $turned, string $today): self
    {
        $outings = array_values(
            array_filter(
                $outings,
                static fn(Outing $outing): bool => substr($outing->at, 0, 10) >= substr($since, 0, 10)
                    && substr($outing->at, 0, 10) <= substr($today, 0, 10),
            ),
        );
        $count = count($outings);
        $hard = count(array_filter($outings, static fn(Outing $outing): bool => $outing->hard));
        $hardShare = $count === 0 ? 0.0 : $hard / $count;
        $left = $limits->worn($hardShare);
        $age = self::months($since, $today);
        // outings a month, as it was lately
        $lately = max(1.0, min(self::LATELY_MONTHS, $age));
        $from = self::later($today, -$lately);
        $pace = count(array_filter($outings, static fn(Outing $outing): bool => substr($outing->at, 0, 10) >= $from)) / $lately;
        [$share, $byAge, $months] = self::used($left, $age, $count, $pace);
        $turnOn = null;
        if ($material === Material::Braid && ($turned === null || $turned < $since)) {
            $turnOn = self::later($today, self::used($left->half(), $age, $count, $pace)[2]);
        }
        $cast = max([0.0, ...array_map(static fn(Outing $outing): float => $outing->cast?->inMetres() ?? 0.0, $outings)]);
        $run = max([0.0, ...array_map(static fn(Outing $outing): float => $outing->run?->inMetres() ?? 0.0, $outings)]);

        $dueOn = self::later($today, $months);
        $days = (new \DateTimeImmutable(substr($today, 0, 10)))->diff(new \DateTimeImmutable($dueOn));

        return new self(
            $left,
            $age,
            $count,
            $hardShare,
            $byAge,
            $share,
            $dueOn,
            (int) $days->format('%r%a'),
            $turnOn !== null && $turnOn < $dueOn ? $turnOn : null,
            Length::metres(($cast > 0 ? $cast : self::USUAL_CAST_M) + ($run > 0 ? $run : self::USUAL_RESERVE_M)),
        );
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

    /** @return array{float, bool, float} share used, whether by age, and months until it is due (below 0: since) */
    private static function used(Limits $limits, float $age, int $outings, float $pace): array
    {
        $byAge = $age / $limits->months;
        $byOutings = $outings / $limits->outings;
        $ageLeft = $limits->months - $age;
        $outingsLeft = $pace > 0 ? ($limits->outings - $outings) / $pace : INF;

        return [max($byAge, $byOutings), $ageLeft <= $outingsLeft, min($ageLeft, $outingsLeft)];
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
