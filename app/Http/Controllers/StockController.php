<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\EventLog;
use App\Log\Pictures;
use App\Log\Stock;
use App\Models\LinePack;
use App\Models\LineProduct;
use App\Models\TypedFigures;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What the rack still holds and is enough for, and the packs on sale. */
final class StockController
{
    public function index(Stock $stock, Pictures $pictures): JsonResponse
    {
        return new JsonResponse($pictures->remembered(['stock', EventLog::stamp(), substr(EventLog::now(), 0, 10)], static fn(): array => ['lines' => $stock->lines()])['lines']);
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

    public function addPack(Request $request): JsonResponse
    {
        $request->validate(['line' => ['required', 'integer', Rule::exists(LineProduct::class, 'id')], 'length' => ['required', 'string', 'max:60'], 'price' => ['required', 'string', 'max:20']]);
        LinePack::from(LineProduct::query()->findOrFail($request->integer('line')), new TypedFigures($request->all()));

        return $this->packs()->setStatusCode(201);
    }

    /** A pack put away can be had back. */
    public function changePack(Request $request, int $id): JsonResponse
    {
        $pack = LinePack::query()->findOrFail($id);
        $pack->setArchived($request->boolean('archived'));
        $pack->save();

        return $this->packs();
    }
}
