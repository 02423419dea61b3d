<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FillerRequest;
use App\Http\Resources\FillerResource;
use App\Log\EventLog;
use App\Models\Filler;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;
use Undro\Contract\Bounds;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;

final class FillerController
{
    public function index(): AnonymousResourceCollection
    {
        $fillers = Filler::inUse()->with('line')->get()->sortBy(static fn(Filler $filler): string => "{$filler->line->name} $filler->name");

        return FillerResource::collection($fillers->values());
    }

    public function show(int $id): FillerResource
    {
        return new FillerResource(Filler::query()->with('line')->findOrFail($id));
    }

    public function store(FillerRequest $request, EventLog $log): FillerResource
    {
        return DB::transaction(function () use ($request, $log): FillerResource {
            $filler = new Filler(['line_product_id' => $request->integer('line')]);
            $this->change($filler, $request);
            $full = $request->figures()->metres('full_length', 1, Bounds::LENGTH_M[1]);
            $left = $request->figures()->optionalMetres('left', 0, $full->inMetres()) ?? $full;
            if ($left->inMetres() > 0) {
                $log->record($request->string('event')->value(), EventKind::Bought, [
                    Move::of(Place::of(PlaceKind::Shop), Place::of(PlaceKind::Filler, $filler->id), $left, $filler->line_product_id),
                ]);
            }

            return new FillerResource($filler->load('line'));
        });
    }

    public function update(FillerRequest $request, int $id): FillerResource
    {
        $filler = Filler::query()->findOrFail($id);
        $this->change($filler, $request);

        return new FillerResource($filler->load('line'));
    }

    private function change(Filler $filler, FillerRequest $request): void
    {
        foreach (['name', 'price'] as $field) {
            if ($request->exists($field)) {
                $filler->{$field} = $request->typed($field);
            }
        }
        if ($request->exists('full_length')) {
            $filler->full_length_typed = $request->typed('full_length');
            $filler->full_length_m = $request->figures()->metres('full_length', 1, Bounds::LENGTH_M[1])->inMetres();
        }
        if ($request->has('archived')) {
            $filler->setArchived($request->boolean('archived'));
        }
        $filler->save();
        $filler->refresh();
    }
}
