<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Line\Material;
use Undro\Printed\Size;
use Undro\Units\ForceUnit;
use Undro\Units\LengthUnit;
use Undro\Units\MassUnit;
use Undro\Units\Typed;

/** "quantity": one figure as typed, in the canonical unit of its kind. */
final class QuantityCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "quantity".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $typed = $in->text('typed', 60);

        return $in->read('typed', static fn(): array => match ($in->choice('kind', QuantityKind::class)) {
            QuantityKind::Length => ['unit' => 'm', 'value' => Typed::lengthWithin($typed, LengthUnit::Metre)[0]->inMetres()],
            QuantityKind::Small => ['unit' => 'mm', 'value' => Typed::length($typed, LengthUnit::Millimetre)->inMillimetres()],
            QuantityKind::Force => ['unit' => 'N', 'value' => Typed::force($typed, ForceUnit::Kilogram)->inNewtons()],
            QuantityKind::Mass => ['unit' => 'g', 'value' => Typed::mass($typed, MassUnit::Gram)->inGrams()],
            QuantityKind::Number => ['unit' => '', 'value' => Typed::number($typed)],
            QuantityKind::LineSize => self::lineSize($typed, $in->choice('material', Material::class, Material::Mono)),
        });
    }

    /** @return array<string, mixed> */
    private static function lineSize(string $typed, Material $material): array
    {
        $size = Size::sure($typed, $material);

        return [
            'unit' => 'mm',
            'value' => $size->diameter->inMillimetres(),
            'nominal' => $size->nominal,
            'strength_N' => $size->strength?->inNewtons(),
        ];
    }
}
