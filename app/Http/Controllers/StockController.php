<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Http\Requests\PackRequest;
use App\Http\Requests\ShapeRequest;
use App\Log\EventLog;
use App\Log\Pictures;
use App\Log\Stock;
use App\Models\LinePack;
use App\Models\LineProduct;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** What the rack still holds and is enough for, and the packs on sale. */
final class StockController
{
    public function index(Stock $stock, Pictures $pictures): JsonResponse
    {
        return new JsonResponse($pictures->remembered(['stock', EventLog::stamp(), substr(Clock::now(), 0, 10)], static fn(): array => ['lines' => $stock->lines()])['lines']);
    }

    public function packs(): JsonResponse
    {
        $out = [];
        foreach (Stock::packs() as $line => $packs) {
            foreach ($packs as $pack) {
                $out[] = ['line' => $line] + $pack;
            }
        }

        return new JsonResponse($out);
    }

    public function addPack(PackRequest $request): JsonResponse
    {
        DB::transaction(static fn(): LinePack => LinePack::from(LineProduct::query()->findOrFail($request->integer('line')), $request->typedFigures()));

        return $this->packs()->setStatusCode(201);
    }

    /** A pack put away can be had back. */
    public function changePack(ShapeRequest $request, int $id): JsonResponse
    {
        DB::transaction(static function () use ($request, $id): void {
            $pack = LinePack::query()->findOrFail($id);
            $pack->setArchived($request->boolean('archived'));
            ++$pack->version;
            $pack->save();
        });

        return $this->packs();
    }
}
