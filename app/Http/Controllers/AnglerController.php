<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShapeRequest;
use App\Http\Resources\AnglerResource;
use App\Models\Angler;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;
use Undro\Habit\Habits;
use Undro\Join\PullTest;
use Undro\Knot\Knot;
use Undro\Line\Material;

final class AnglerController
{
    public function index(): AnonymousResourceCollection
    {
        return AnglerResource::collection(Angler::inUse()->with('habits')->orderBy('id')->get());
    }

    public function update(ShapeRequest $request, int $id): AnglerResource
    {
        $angler = Angler::query()->findOrFail($id);
        DB::transaction(static fn() => self::change($angler->changing($request->seen()), $request));

        return new AnglerResource($angler->load('habits'));
    }

    private static function change(Angler $angler, ShapeRequest $request): void
    {
        foreach (['length', 'small', 'force'] as $unit) {
            if ($request->has("units.$unit")) {
                $angler->{"unit_$unit"} = $request->string("units.$unit")->value();
            }
        }
        $angler->fill(array_intersect_key($request->said(), ['name' => true, 'pace_turns_per_min' => true]));
        $angler->save();
        foreach (['long_cast', 'beginner'] as $question) {
            if ($request->has("habits.$question")) {
                $angler->habits()->updateOrCreate(['question' => $question], ['choice' => $request->boolean("habits.$question") ? 'yes' : 'no']);
            }
        }
        $schools = $request->has('habits.schools') ? $request->figures()->object('habits')->words('schools', 20) : [];
        // an unknown question or school is refused before anything is kept
        Habits::of($schools);
        foreach (Knot::cases() as $knot) {
            if ($request->has("knots.tested.$knot->value")) {
                $typed = trim($request->string("knots.tested.$knot->value")->value());
                $typed === '' || PullTest::read($knot, $typed);
                $angler->habits()->updateOrCreate(['question' => Angler::TESTED . $knot->value], ['choice' => $typed]);
            }
            if ($request->has('knots.well')) {
                $angler->habits()->updateOrCreate(['question' => Angler::WELL . $knot->value], ['choice' => in_array($knot->value, $request->array('knots.well'), true) ? 'yes' : 'no']);
            }
        }
        foreach (Material::cases() as $material) {
            foreach (['months' => [0.5, 600], 'outings' => [1, 10_000]] as $figure => $bounds) {
                if ($request->has("limits.$material->value.$figure")) {
                    $request->figures()->object('limits')->object($material->value)->optionalNumber($figure, ...$bounds);
                    $angler->habits()->updateOrCreate(['question' => Angler::LASTS . "$material->value.$figure"], ['choice' => trim($request->string("limits.$material->value.$figure")->value())]);
                }
            }
        }
        foreach ($schools as $question => $school) {
            $angler->habits()->updateOrCreate(['question' => $question], ['choice' => $school]);
        }
    }
}
