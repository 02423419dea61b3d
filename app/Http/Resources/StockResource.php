<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Stock\EnoughFor;
use App\Stock\LineStock;
use App\Stock\Pack;
use Undro\Json\Written;

/** What of each line is at hand, and the packs on sale. */
final class StockResource
{
    /** @return array<string, mixed> */
    public static function line(LineStock $of): array
    {
        return [
            'line' => LineResource::facts($of->line),
            'left_m' => $of->left->inMetres(),
            'half_m' => $of->half->inMetres() > 0 ? $of->half->inMetres() : null,
            'fillers' => $of->fillers,
            'longest_m' => $of->supply->longest->inMetres(),
            'used_m' => $of->used->inMetres(),
            'months_left' => $of->supply->monthsLeft,
            'running_out' => $of->supply->runningOut,
            'per_metre' => Written::price($of->perMetre),
            'enough_for' => array_map(static fn(EnoughFor $fill): array => [
                'spool' => $fill->spool,
                'role' => $fill->role->value,
                'length_m' => $fill->length->inMetres(),
                'times' => $fill->times,
            ], $of->enoughFor),
        ];
    }

    /** @return array<string, mixed> */
    public static function pack(Pack $pack): array
    {
        return ['line' => $pack->line, 'id' => $pack->id, 'length_m' => $pack->metres, 'length' => $pack->length, 'price' => $pack->price];
    }
}
