<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\EventLog;
use App\Log\Learning;
use App\Log\Pictures;
use App\Models\LineProduct;
use App\Models\Spool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Undro\Contract\Compute;

/** What finished fills have taught. */
final class LearningController
{
    /** So many readings are told at once, and any that is asked about. */
    private const LATEST = 60;

    /** What finished fills have taught, in words, and the readings it comes from. */
    public function index(Learning $learning, Pictures $pictures): JsonResponse
    {
        return new JsonResponse($pictures->remembered(['learnt', EventLog::stamp()], static fn(): array => self::taught($learning)));
    }

    /** @return array<string, mixed> */
    private static function taught(Learning $learning): array
    {
        $spools = [];
        foreach (Spool::inUse()->with('reels')->orderBy('id')->get() as $spool) {
            $known = $learning->spool($spool->id);
            if ($known !== null) {
                $spools[] = ['spool' => $spool->id, 'name' => ($spool->reels->first()->name ?? '') . ", $spool->name"] + $known + Compute::run('learnt', ['of' => 'spool'] + $known);
            }
        }
        $lines = [];
        foreach (LineProduct::query()->orderBy('name')->get() as $line) {
            $known = $learning->line($line->id);
            if ($known !== null) {
                $lines[] = ['line' => $line->id, 'name' => $line->name] + $known + Compute::run('learnt', ['of' => 'line', 'material' => $line->material] + $known);
            }
        }
        $doubtful = $learning->doubtful();

        return [
            'spools' => $spools,
            'lines' => $lines,
            // the latest, and any that is asked about
            'readings' => array_values(array_filter(
                array_map(static fn(array $reading): array => array_intersect_key($reading, array_flip(['uuid', 'happened_at', 'spool', 'gap', 'gap_mm', 'readings', 'counts'])) + ['doubtful' => in_array($reading['uuid'], $doubtful, true)], array_reverse($learning->readings())),
                static fn(array $reading, int $index): bool => $index < self::LATEST || $reading['doubtful'],
                ARRAY_FILTER_USE_BOTH,
            )),
        ];
    }

    /** What a plan is told of its spool and lines. */
    public function about(Request $request, Learning $learning, Pictures $pictures): JsonResponse
    {
        $of = [$request->integer('spool'), $request->integer('main') ?: null, $request->integer('backing') ?: null];

        return new JsonResponse($pictures->remembered(['plan', EventLog::stamp(), $of], static fn(): array => ['learnt' => $learning->about(...$of)]));
    }
}
