<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SpoolRequest;
use App\Http\Resources\SpoolResource;
use App\Models\Spool;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;
use Undro\Spool\LipShape;

final class SpoolController
{
    use Changes;

    private const WITH = ['rating', 'reels'];

    public function index(): AnonymousResourceCollection
    {
        $spools = Spool::inUse()->with('reels')->orderBy('name')->get();
        Spool::readAll($spools);

        return SpoolResource::collection($spools);
    }

    public function show(Spool $spool): SpoolResource
    {
        return new SpoolResource($spool->load(self::WITH));
    }

    public function store(SpoolRequest $request): SpoolResource
    {
        return DB::transaction(static function () use ($request): SpoolResource {
            $spool = self::change(new Spool(['lip' => LipShape::Bevelled]), $request);
            $spool->reels()->attach($request->array('reels'));

            return new SpoolResource($spool->load(self::WITH));
        });
    }

    public function update(SpoolRequest $request, Spool $spool): SpoolResource
    {
        return new SpoolResource(self::change($spool, $request)->load(self::WITH));
    }
}
