<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SpoolRequest;
use App\Http\Resources\SpoolResource;
use App\Models\Spool;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;

final class SpoolController
{
    private const WITH = ['rating', 'reels'];

    public function index(): AnonymousResourceCollection
    {
        $spools = Spool::inUse()->with(self::WITH)->orderBy('name')->get();
        Spool::readMeasures($spools);

        return SpoolResource::collection($spools);
    }

    public function show(int $id): SpoolResource
    {
        return new SpoolResource(Spool::query()->with(self::WITH)->findOrFail($id));
    }

    public function store(SpoolRequest $request): SpoolResource
    {
        return DB::transaction(static function () use ($request): SpoolResource {
            $spool = new Spool(['lip' => 'bevelled']);
            $spool->take($request->typedFigures());
            $spool->reels()->attach($request->array('reels'));

            return new SpoolResource($spool->load(self::WITH));
        });
    }

    public function update(SpoolRequest $request, int $id): SpoolResource
    {
        $spool = Spool::query()->findOrFail($id);
        DB::transaction(static fn() => $spool->changing($request->seen())->take($request->typedFigures()));

        return new SpoolResource($spool->load(self::WITH));
    }
}
