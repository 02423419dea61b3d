<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Spool\Spool;

/** How well the room of a spool and the cells of its layers are known, together: the factors on them and their covariance. */
final readonly class Covariance
{
    /** @param list<Layer> $layers */
    public function __construct(private Spool $spool, private array $layers) {}

    /**
     * The covariance of two sums of the factors.
     *
     * @param list<float> $one   what it has of the room, then of each layer's cell
     * @param list<float> $other
     */
    public function covariance(array $one, array $other): float
    {
        $sd = [$this->spool->sd, ...array_map(static fn(Layer $layer): float => $layer->line->cellSd, $this->layers)];
        $place = [0, ...array_map(static fn(Layer $layer): int => $layer->role === Role::Main ? 1 : 2, $this->layers)];
        $learnt = $this->spool->correlations;
        $sum = 0.0;
        foreach ($sd as $i => $a) {
            foreach ($sd as $j => $b) {
                $tied = $i === $j ? 1.0 : ($learnt?->between($place[$i], $place[$j]) ?? 0.0);
                $sum += $tied === 0.0 ? 0.0 : $one[$i] * $other[$j] * $tied * $a * $b;
            }
        }

        return $sum;
    }

    /** @param list<float> $of */
    public function variance(array $of): float
    {
        return max(0.0, $this->covariance($of, $of));
    }
}
