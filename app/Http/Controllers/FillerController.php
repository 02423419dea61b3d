<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FillerRequest;
use App\Http\Resources\FillerResource;
use App\Log\EventLog;
use App\Models\Filler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Undro\Input\Bounds;
use Undro\Ledger\BadLedger;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;

final class FillerController
{
    public function index(Request $request, EventLog $log): JsonResponse
    {
        $products = $log->products();
        $fillers = Filler::inUse()->orderBy('id')->get()->sortBy(static fn(Filler $filler): string => "{$products[$filler->line_product_id]->name} $filler->name")->values();

        // not a resource collection: that walks through every nested figure again
        return new JsonResponse($fillers->map(static fn(Filler $filler): array => (new FillerResource($filler))->toArray($request)));
    }

    public function show(int $id): FillerResource
    {
        return new FillerResource(Filler::query()->with('line')->findOrFail($id));
    }

    public function store(FillerRequest $request, EventLog $log): FillerResource
    {
        return DB::transaction(function () use ($request, $log): FillerResource {
            // an empty one brings no entry: it is known by its own key, which is the same
            $told = $request->string('event')->value();
            $there = $log->known($told, EventKind::Bought)?->moves->firstWhere('to_kind', PlaceKind::Filler->value);
            $known = Filler::query()->with('line')->where('key', $told)->orWhere('id', $there->to_id ?? 0)->first();
            if ($known !== null || $log->known($told, EventKind::Bought) !== null) {
                return new FillerResource($known?->line_product_id === $request->integer('line') ? $known : throw BadLedger::idOfSomethingElse($told));
            }
            $filler = new Filler(['line_product_id' => $request->integer('line'), 'key' => $told]);
            $filler->take($request->typedFigures());
            $full = $request->figures()->metres('full_length', 1, Bounds::LENGTH_M[1]);
            $left = $request->figures()->optionalMetres('left', 0, $full->inMetres()) ?? $full;
            $here = Place::of(PlaceKind::Filler, $filler->id);
            if ($left->inMetres() > 0) {
                $log->record($told, EventKind::Bought, [Move::of(Place::of(PlaceKind::Shop), $here, $left, $filler->line_product_id)]);
            }

            return new FillerResource($filler->load('line'));
        });
    }

    public function update(FillerRequest $request, int $id): FillerResource
    {
        $filler = Filler::query()->findOrFail($id);
        DB::transaction(static fn() => $filler->changing($request->seen())->take($request->typedFigures()));

        return new FillerResource($filler->load('line'));
    }
}
