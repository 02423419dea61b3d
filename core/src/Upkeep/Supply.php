<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Allocation\Reserve;
use Undro\Units\Length;

/** What is at hand of one line, how long it lasts at the pace it is used, and what it is enough for. */
final readonly class Supply
{
    /** Use is counted over so many months. */
    public const MONTHS = 12;
    /** With less than this many months of use at hand a line is running out. Ours. */
    private const LOW_MONTHS = 3.0;
    /** Before a season of use nobody knows how fast a line goes, months. Ours. */
    private const SEASON_MONTHS = 4.0;

    /** @param list<float> $fillers metres left on each */
    private function __construct(
        public Length $left,
        public Length $longest,
        public ?float $monthsLeft,
        public bool $runningOut,
        private array $fillers,
    ) {}

    /**
     * @param list<Length> $fillers what is left on each
     * @param Length       $used    in the last twelve months
     * @param list<Length> $mains   the main lines of it that spools are filled with
     * @param float        $known   months since it was first wound
     */
    public static function of(array $fillers, Length $used, array $mains, float $known): self
    {
        $metres = array_map(static fn(Length $each): float => $each->inMetres(), $fillers);
        $left = array_sum($metres);
        $season = $known >= self::SEASON_MONTHS;
        $months = $season && $used->inMetres() > 0 ? $left / ($used->inMetres() / min(self::MONTHS, $known)) : null;
        $supply = new self(Length::metres($left), Length::metres(max([0.0, ...$metres])), $months, false, $metres);
        // what is fished with it could not be filled once more
        $short = $mains !== [] && array_filter($mains, static fn(Length $main): bool => $supply->times($main) > 0) === [];

        $out = $season && ($short || ($months !== null && $months < self::LOW_MONTHS));

        return new self($supply->left, $supply->longest, $months, $out, $metres);
    }

    /** How many fills of this length the fillers give, each in one piece. */
    public function times(Length $fill): int
    {
        return array_sum(
            array_map(static fn(float $metres): int => (int) floor($metres / ($fill->inMetres() + Reserve::MAIN_M)), $this->fillers),
        );
    }
}
