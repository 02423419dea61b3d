<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Material;
use Undro\Strip\Outcome;
use Undro\Strip\Removal;
use Undro\Units\Length;

/** "strip": what can become of the line on a spool, and what each way comes to. */
final class StripCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "strip".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $total = 0.0;
        $outer = Length::metres(0);
        $material = Material::Mono;
        foreach ($in->objects('pieces', 1, 100) as $piece) {
            $outer = $piece->metres('length_m', ...Bounds::LENGTH_M);
            $material = $piece->choice('material', Material::class);
            $total += $outer->inMetres();
        }
        $worn = $in->optionalMetres('worn_m', ...Bounds::LENGTH_M) ?? Outcome::usuallyWorn($material, $outer);
        $ways = $in->make(static fn(): array => Outcome::all(Length::metres($total), $outer, $worn));

        return [
            'total_m' => $total,
            'worn_m' => $worn->inMetres(),
            'caution' => Removal::CAUTION,
            'ways' => array_map(static fn(Outcome $way): array => [
                'id' => $way->removal->value,
                'word' => $way->removal->word(),
                'how' => $way->removal->how(),
                'off_m' => $way->off->inMetres(),
                'stays_m' => $way->stays->inMetres(),
                'passes' => $way->passes,
                'wound_m' => $way->wound->inMetres(),
                'worn_on_top' => $way->wornOnTop,
                'fits' => $way->fits,
            ], $ways),
        ];
    }
}
