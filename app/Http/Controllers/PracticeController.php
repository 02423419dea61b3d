<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Http\Requests\ShapeRequest;
use App\Models\Angler;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Undro\Json\LessonJson;
use Undro\Lesson\LessonId;

/** What an angler has practised: how near it came and in how many moves, beside what Undro would have done. */
final class PracticeController
{
    public function index(Angler $angler): JsonResponse
    {
        return new JsonResponse(array_reverse($angler->practised));
    }

    /** A lesson that is over. What came of it is worked out here from the moves that were made. */
    public function store(ShapeRequest $request, Angler $angler): JsonResponse
    {
        $in = $request->figures();
        $id = $in->choice('lesson', LessonId::class);
        $seed = (int) $in->number('seed', 1, LessonJson::MOST_SEED);
        $uuid = $in->text('id', 36);
        $entry = ['id' => $uuid, 'lesson' => $id->value, 'seed' => $seed, 'happened_at' => Clock::now()]
            + LessonJson::kept($id, $seed, LessonJson::lesson($id, $seed, $in));
        $was = DB::transaction(static function () use ($angler, $entry, $uuid): bool {
            $angler->refresh();
            if (in_array($uuid, array_column($angler->practised, 'id'), true)) {
                return true;
            }
            $angler->practise([...$angler->practised, $entry]);

            return false;
        });

        return new JsonResponse($entry, $was ? 200 : 201);
    }

    /** Forgets one of them. */
    public function forget(Angler $angler, string $uuid): JsonResponse
    {
        DB::transaction(static fn() => $angler->refresh()->practise(
            array_filter($angler->practised, static fn(array $each): bool => $each['id'] !== $uuid),
        ));

        return $this->index($angler);
    }

    /** Forgets all of them. */
    public function clear(Angler $angler): JsonResponse
    {
        DB::transaction(static fn() => $angler->practise([]));

        return $this->index($angler);
    }
}
