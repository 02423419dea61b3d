<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ByAnglerRequest;
use App\Http\Resources\ReelResource;
use App\Models\Reel;
use App\Models\Spool;
use App\Models\TypedFigures;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class ReelController
{
    private const WITH = ['angler', 'spools.rating'];

    public function index(Request $request): JsonResponse
    {
        $reels = Reel::inUse()->with('angler')->orderBy('name')->get();
        Reel::readSpools($reels);

        // not a resource collection: that walks through every nested figure again
        return new JsonResponse($reels->map(static fn(Reel $reel): array => (new ReelResource($reel))->toArray($request)));
    }

    public function show(int $id): ReelResource
    {
        return new ReelResource(Reel::query()->with(self::WITH)->findOrFail($id));
    }

    public function store(ByAnglerRequest $request): ReelResource
    {
        $spool = $request->array('spool');

        return DB::transaction(function () use ($request, $spool): ReelResource {
            $reel = new Reel(['angler_id' => $request->integer('angler') ?: null]);
            $reel->take($request->typedFigures());
            $first = new Spool(['name' => 'Spool 1', 'lip' => $request->input('kind') === 'spinning' ? 'bevelled' : 'straight']);
            $first->take(new TypedFigures($spool));
            $first->reels()->attach($reel);

            return new ReelResource($reel->load(self::WITH));
        });
    }

    public function update(ByAnglerRequest $request, int $id): ReelResource
    {
        $reel = Reel::query()->findOrFail($id);
        DB::transaction(static fn() => $reel->changing($request->seen())->take($request->typedFigures()));

        return new ReelResource($reel->load(self::WITH));
    }
}
