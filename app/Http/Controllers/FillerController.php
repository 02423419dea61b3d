<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FillerRequest;
use App\Http\Resources\FillerResource;
use App\Ledger\EventLog;
use App\Ledger\Lines;
use App\Models\Filler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Undro\Ledger\BadLedger;
use Undro\Ledger\Count;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;

final class FillerController
{
    use Changes;

    public function index(Request $request, Lines $lines): JsonResponse
    {
        $named = static fn(Filler $filler): string => "{$lines->product($filler->line_product_id)->name} $filler->name";
        $fillers = Filler::inUse()->orderBy('id')->get()->sortBy($named)->values();

        // not a resource collection: that walks through every nested figure again
        return new JsonResponse($fillers->map(static fn(Filler $filler): array => (new FillerResource($filler))->toArray($request)));
    }

    public function show(Filler $filler): FillerResource
    {
        return new FillerResource($filler);
    }

    public function store(FillerRequest $request, EventLog $log): FillerResource
    {
        return DB::transaction(static function () use ($request, $log): FillerResource {
            // an empty one brings no entry: it is known by its own key, which is the same
            $told = $request->string('event')->value();
            $bought = $log->known($told, EventKind::Bought);
            $known = Filler::query()->where('key', $told)
                ->orWhere('id', $bought?->moves->firstWhere('to_kind', PlaceKind::Filler)->to_id ?? 0)->first();
            if ($known !== null || $bought !== null) {
                $same = $known?->line_product_id === $request->integer('line') ? $known : throw BadLedger::idOfSomethingElse($told);

                return new FillerResource($same);
            }
            $filler = self::change(new Filler(['line_product_id' => $request->integer('line'), 'key' => $told]), $request);
            [$left, $half] = Filler::left($request->figures());
            if ($left->inMetres() > 0) {
                $log->record(
                    $told,
                    EventKind::Bought,
                    [Move::of(Place::of(PlaceKind::Shop), $filler->place(), $left, $filler->line_product_id)],
                    $half === null ? [] : [new Count($filler->place(), $left, $filler->line_product_id, $half)],
                );
            }

            return new FillerResource($filler);
        });
    }

    public function update(FillerRequest $request, Filler $filler): FillerResource
    {
        return new FillerResource(self::change($filler, $request));
    }
}
