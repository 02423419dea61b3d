<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\Line\Material;

/** What finished fills have taught of a spool's room or of a line's cell. */
final readonly class Taught
{
    /** Nearer than this many sd, it is as it was printed, as far as anyone can tell. */
    private const CLEAR = 1.0;

    /**
     * @param float $factor on what its figures say
     * @param float $sd     of the factor
     * @param int   $fills  it was learnt from
     */
    public function __construct(public float $factor, public float $sd, public int $fills) {}

    /** In words: how much a spool holds beside what its figures say. */
    public function ofSpool(): string
    {
        $share = $this->factor - 1;

        return abs($share) < self::CLEAR * $this->sd
            ? sprintf('This spool holds what its figures say, give or take %s (%s).', self::percent($this->sd), $this->from())
            : sprintf(
                'This spool holds %s %s than its figures say, give or take %s (%s).',
                self::percent(abs($share)),
                $share > 0 ? 'more' : 'less',
                self::percent($this->sd),
                $this->from(),
            );
    }

    /** How thick it lies beside what is printed: the cell goes with the square of it. */
    public function ofLine(Material $material): string
    {
        $thick = sqrt(max(0.0, $this->factor) * $material->cellFactor()) - 1;
        $sd = $this->sd / 2;

        return abs($thick) < self::CLEAR * $sd
            ? sprintf('This line winds as thick as printed, give or take %s (%s).', self::percent($sd), $this->from())
            : sprintf(
                'This line winds %s %s than printed, give or take %s (%s).',
                self::percent(abs($thick)),
                $thick > 0 ? 'thicker' : 'thinner',
                self::percent($sd),
                $this->from(),
            );
    }

    private function from(): string
    {
        return $this->fills === 1 ? 'one fill' : "$this->fills fills";
    }

    private static function percent(float $share): string
    {
        return sprintf('%s %%', 100 * $share < 1 ? number_format(100 * $share, 1) : (string) round(100 * $share));
    }
}
