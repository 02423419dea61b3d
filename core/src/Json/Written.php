<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Printed\Piece;
use Undro\Printed\Reading;
use Undro\Spool\Spool;
use Undro\Units\Price;
use Undro\Units\Sentence;
use Undro\Way\Build;

/** What many answers hold, as they write it. */
final class Written
{
    /** @return array<string, mixed> one way to read a piece of print */
    public static function reading(Reading $reading): array
    {
        return [
            'material' => $reading->material->value,
            'diameter_mm' => $reading->diameter->inMillimetres(),
            'nominal' => $reading->nominal,
        ] + array_filter([
            'strength_N' => $reading->strength?->inNewtons(),
            'length_m' => $reading->length?->inMetres(),
        ], static fn(?float $figure): bool => $figure !== null) + [
            'words' => $reading->says()->text(),
            'says' => self::sentence($reading->says()),
        ];
    }

    /**
     * @param callable(Reading): string $text the print in which only that reading is left
     *
     * @return array<string, mixed> a piece that can be read in more than one way
     */
    public static function choice(Piece $piece, callable $text): array
    {
        $alike = count(array_unique(array_map(static fn(Reading $each): string => $each->material->value, $piece->readings))) === 1;

        return [
            'piece' => $piece->typed,
            'readings' => array_map(
                static fn(Reading $reading): array => self::reading($reading) + [
                    'short' => $reading->sizeText() . ($alike ? '' : " {$reading->material->word()}"),
                    'text' => $text($reading),
                ],
                $piece->readings,
            ),
        ];
    }

    /** @return array<string, float>|null what a drawing needs of a spool's shape */
    public static function shape(Spool $spool): ?array
    {
        $geometry = $spool->geometry;

        return $geometry === null ? null : [
            'lip_mm' => $geometry->lip->inMillimetres(),
            'arbor_thin_mm' => $geometry->arbor->thin->inMillimetres(),
            'arbor_thick_mm' => $geometry->arbor->thick->inMillimetres(),
            'traverse_mm' => $geometry->traverse->inMillimetres(),
            'bare_depth_mm' => $geometry->depthOf($geometry->arbor->thin)->inMillimetres(),
        ];
    }

    /** @return array<string, mixed> a sentence whole, and with its figures apart */
    public static function sentence(Sentence $sentence): array
    {
        return ['text' => $sentence->text(), 'sentence' => $sentence->words, 'figures' => $sentence->figures()];
    }

    /** @return array<string, mixed>|null */
    public static function price(?Price $price): ?array
    {
        return $price === null ? null : ['amount' => $price->amount, 'money' => $price->money];
    }

    /** @return array<string, mixed>|null */
    public static function build(?Build $build): ?array
    {
        return $build === null ? null : [
            'outside_mm' => $build->outside->inMillimetres(),
            'wraps' => $build->wraps,
            'kept' => self::kept($build),
        ];
    }

    /** @return array<string, mixed>|null backing that stays under a fill */
    public static function kept(?Build $build): ?array
    {
        $kept = $build?->kept;
        $top = $kept?->top();
        $geometry = $build?->spool->geometry;

        return $kept === null ? null : [
            'material' => $top?->material->value,
            'diameter_mm' => $top?->diameter->inMillimetres(),
            'length_m' => $kept->length()?->inMetres(),
            'depth_mm' => $geometry?->depthOf($geometry->arbor->thin)->inMillimetres(),
            'read' => $kept->depth !== null,
        ];
    }
}
