<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Learning\LevelRead;
use App\Models\LineProduct;
use App\Models\Spool;
use Undro\Learning\Expected;
use Undro\Learning\ForPlan;
use Undro\Learning\Taught;

/** What finished fills have taught. */
final class LearningResource
{
    /** @return array<string, mixed> */
    public static function spool(Spool $spool, Taught $taught): array
    {
        return [
            'spool' => $spool->id,
            'name' => ($spool->reels->first()->name ?? '') . ", $spool->name",
            ...self::taught($taught),
            'words' => $taught->ofSpool(),
        ];
    }

    /** @return array<string, mixed> */
    public static function line(LineProduct $line, Taught $taught): array
    {
        return ['line' => $line->id, 'name' => $line->name, ...self::taught($taught), 'words' => $taught->ofLine($line->material)];
    }

    /**
     * @param bool          $asked    it is set aside and asked about
     * @param Expected|null $expected the gap that was expected instead
     *
     * @return array<string, mixed>
     */
    public static function reading(LevelRead $reading, bool $asked, ?Expected $expected): array
    {
        return [
            'uuid' => $reading->uuid,
            'happened_at' => $reading->at,
            'spool' => $reading->spool,
            'gap' => $reading->typed,
            'gap_mm' => $reading->gap->inMillimetres(),
            'readings' => $reading->readings,
            'counts' => $reading->counts,
            'keep' => $reading->keep,
            'asked' => $asked,
            'expected_mm' => $expected?->gap->inMillimetres(),
            'expected_half_mm' => $expected?->half->inMillimetres(),
        ];
    }

    /** @return array<string, mixed> as the calculator "plan" takes it */
    public static function forPlan(ForPlan $learnt): array
    {
        $rows = array_map(
            static fn(int $one): array => [
                'with' => array_map(static fn(int $other): float => $learnt->correlations->between($one, $other), range(0, 2)),
            ],
            range(0, 2),
        );
        $cell = static fn(?array $cell): ?array => $cell === null ? null : ['cell_factor' => $cell['factor'], 'cell_sd' => $cell['sd']];

        return ['volume_factor' => $learnt->factor, 'volume_sd' => $learnt->sd, 'together' => $rows]
            + array_filter(['main' => $cell($learnt->main), 'backing' => $cell($learnt->backing)]);
    }

    /** @return array{factor: float, sd: float, fills: int} */
    private static function taught(Taught $taught): array
    {
        return ['factor' => $taught->factor, 'sd' => $taught->sd, 'fills' => $taught->fills];
    }
}
