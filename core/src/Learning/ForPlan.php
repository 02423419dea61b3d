<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Statistics\CorrelationMatrix;

/** What a plan is told of its spool and its lines, and how these vary together. Every sd is relative to its figure. */
final readonly class ForPlan
{
    /**
     * @param CorrelationMatrix                   $correlations room first, then main line, then backing
     * @param array{factor: float, sd: float}|null $main         null: nothing was learnt of it
     * @param array{factor: float, sd: float}|null $backing
     */
    public function __construct(
        public float $factor,
        public float $sd,
        public CorrelationMatrix $correlations,
        public ?array $main = null,
        public ?array $backing = null,
    ) {}

    /** The spool as finished fills have shown it to be. */
    public function spool(Spool $spool): Spool
    {
        return $spool->learnt($this->factor, $this->sd, $this->correlations);
    }

    /** The main line as finished fills have shown it to lie. */
    public function main(Line $line): Line
    {
        return $this->main === null ? $line : $line->learnt($this->main['factor'], $this->main['sd']);
    }

    /** The backing as finished fills have shown it to lie. */
    public function backing(Line $line): Line
    {
        return $this->backing === null ? $line : $line->learnt($this->backing['factor'], $this->backing['sd']);
    }
}
