<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\BenchDay\Proposal;
use App\BenchDay\UsualJob;
use App\Stock\Pack;
use Undro\Day\OldMain;
use Undro\Json\DayJson;
use Undro\Json\Written;
use Undro\Upkeep\State;

/** The bench day. */
final class DayResource
{
    /** @return array<string, mixed> */
    public static function usual(UsualJob $job, ?State $due): array
    {
        return [
            'reel' => $job->reel,
            'spool' => $job->spool,
            'task' => $job->task->value,
            'main' => $job->main,
            'length' => $job->main === null ? '' : sprintf('%d m', (int) round($job->length->inMetres())),
            'backing' => $job->backing,
            'due' => $due?->value,
        ];
    }

    /** @return array<string, mixed> */
    public static function of(Proposal $proposal): array
    {
        return ['packs' => array_map(static fn(Pack $pack): array => [
            'line' => $pack->line,
            'length_m' => $pack->metres,
            'length' => $pack->length,
            'price' => Written::price($pack->price()),
        ], $proposal->packs), 'off' => array_map(static fn(OldMain $old): array => [
            'spool' => $old->spool,
            'line' => $old->line,
            'length_m' => $old->length->inMetres(),
        ], $proposal->off), 'offers' => array_map(static fn(array $offer): array => [
            'spool' => $offer['spool'],
            'from' => $offer['from']->spool,
            'line' => $offer['from']->line,
            'length_m' => $offer['from']->length->inMetres(),
        ], $proposal->offers)] + DayJson::write($proposal->day);
    }
}
