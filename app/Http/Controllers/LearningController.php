<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Answers;
use App\Http\Resources\LearningResource;
use App\Learning\Learning;
use App\Ledger\DataStamp;
use App\Models\LineProduct;
use App\Models\Spool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What finished fills have taught. */
final class LearningController
{
    /** So many readings are told at once, and any that is asked about. */
    private const LATEST = 60;

    /** What finished fills have taught, in words, and the readings it comes from. */
    public function index(Learning $learning, Answers $answers): JsonResponse
    {
        $question = Answers::key(['learnt', DataStamp::now()]);

        return new JsonResponse($answers->remembered($question, static fn(): array => self::taught($learning)));
    }

    /** @return array<string, mixed> */
    private static function taught(Learning $learning): array
    {
        $spools = [];
        foreach (Spool::inUse()->with('reels')->orderBy('id')->get() as $spool) {
            $taught = $learning->spool($spool->id);
            $spools[] = $taught === null ? null : LearningResource::spool($spool, $taught);
        }
        $lines = [];
        foreach (LineProduct::query()->orderBy('name')->get() as $line) {
            $taught = $learning->line($line->id);
            $lines[] = $taught === null ? null : LearningResource::line($line, $taught);
        }
        $asked = $learning->asked();
        $readings = [];
        // the latest, and any that is asked about
        foreach (array_reverse($learning->readings()) as $index => $reading) {
            $doubt = array_key_exists($reading->uuid, $asked);
            if ($index < self::LATEST || $doubt) {
                $readings[] = LearningResource::reading($reading, $doubt, $asked[$reading->uuid] ?? null);
            }
        }

        return ['spools' => array_values(array_filter($spools)), 'lines' => array_values(array_filter($lines)), 'readings' => $readings];
    }

    /** What a plan is told of its spool and lines. */
    public function about(Request $request, Learning $learning, Answers $answers): JsonResponse
    {
        $of = [$request->integer('spool'), $request->integer('main') ?: null, $request->integer('backing') ?: null];

        $question = Answers::key(['plan', DataStamp::now(), ...$of]);

        return new JsonResponse($answers->remembered($question, static function () use ($learning, $of): array {
            $learnt = $learning->about(...$of);

            return [
                'learnt' => $learnt === null ? null : LearningResource::forPlan($learnt),
                'asked' => count($learning->askedOf(...$of)),
            ];
        }));
    }
}
