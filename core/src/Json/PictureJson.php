<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Spool\Spool;

/** A spool and what lies on it, to be drawn. */
final class PictureJson
{
    /**
     * @param list<Layer> $layers from the arbor out; none draw the empty spool
     *
     * @return array{shape: array<string, float>|null, layers: list<array<string, mixed>>, filled_fraction: float}
     *
     * @throws \Undro\DomainFault if they are more than the spool can hold
     */
    public static function write(Spool $spool, array $layers, ?float $gearRatio = null): array
    {
        $fill = $layers === [] ? null : FillCalculator::solve($spool, null, $layers, $gearRatio);

        return [
            'shape' => Written::shape($spool),
            'layers' => $fill === null ? [] : FillJson::layers($fill),
            'filled_fraction' => $fill->filledFraction ?? 0.0,
        ];
    }
}
