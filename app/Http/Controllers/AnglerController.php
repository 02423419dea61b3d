<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnglerRequest;
use App\Http\Resources\AnglerResource;
use App\Models\Angler;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;
use Undro\Habit\Habits;

final class AnglerController
{
    public function index(): AnonymousResourceCollection
    {
        return AnglerResource::collection(Angler::inUse()->with('habits')->orderBy('id')->get());
    }

    public function update(AnglerRequest $request, int $id): AnglerResource
    {
        $angler = Angler::query()->findOrFail($id);
        DB::transaction(static fn() => self::change($angler, $request));

        return new AnglerResource($angler->load('habits'));
    }

    private static function change(Angler $angler, AnglerRequest $request): void
    {
        foreach (['length', 'small', 'force'] as $unit) {
            if ($request->has("units.$unit")) {
                $angler->{"unit_$unit"} = $request->string("units.$unit")->value();
            }
        }
        $angler->fill($request->safe(['name', 'pace_turns_per_min']));
        $angler->save();
        foreach (['long_cast', 'beginner'] as $question) {
            if ($request->has("habits.$question")) {
                $angler->habits()->updateOrCreate(['question' => $question], ['choice' => $request->boolean("habits.$question") ? 'yes' : 'no']);
            }
        }
        $schools = $request->has('habits.schools') ? $request->figures()->object('habits')->words('schools', 20) : [];
        // an unknown question or school is refused before anything is kept
        Habits::of($schools);
        foreach ($schools as $question => $school) {
            $angler->habits()->updateOrCreate(['question' => $question], ['choice' => $school]);
        }
    }
}
