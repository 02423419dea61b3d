<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Database\Answers;
use App\Http\Requests\PackRequest;
use App\Http\Requests\ShapeRequest;
use App\Http\Resources\StockResource;
use App\Ledger\DataStamp;
use App\Models\LinePack;
use App\Models\LineProduct;
use App\Stock\Packs;
use App\Stock\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** What the rack still holds and is enough for, and the packs on sale. */
final class StockController
{
    public function index(Stock $stock, Answers $answers): JsonResponse
    {
        return new JsonResponse($answers->remembered(
            Answers::key(['stock', DataStamp::now(), Clock::today()]),
            static fn(): array => array_map(StockResource::line(...), $stock->lines()),
        ));
    }

    public function packs(Packs $packs): JsonResponse
    {
        return new JsonResponse(array_map(StockResource::pack(...), $packs->all()));
    }

    public function addPack(PackRequest $request, Packs $packs): JsonResponse
    {
        DB::transaction(
            static fn(): LinePack => LinePack::from(LineProduct::query()->findOrFail($request->integer('line')), $request->typedFigures()),
        );

        return $this->packs($packs)->setStatusCode(201);
    }

    /** A pack put away can be had back. */
    public function changePack(ShapeRequest $request, Packs $packs, LinePack $pack): JsonResponse
    {
        DB::transaction(static function () use ($request, $pack): void {
            $pack->setArchived($request->boolean('archived'));
            ++$pack->version;
            $pack->save();
        });

        return $this->packs($packs);
    }
}
