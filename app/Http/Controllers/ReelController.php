<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Answers;
use App\Http\Requests\ByAnglerRequest;
use App\Http\Resources\ReelResource;
use App\Http\SpoolPictures;
use App\Ledger\DataStamp;
use App\Models\Reel;
use App\Models\Spool;
use App\Models\TypedFigures;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class ReelController
{
    use Changes;

    private const WITH = ['angler', 'spools.rating'];

    public function index(Request $request, SpoolPictures $pictures, Answers $answers): JsonResponse
    {
        return JsonResponse::fromJsonString($answers->latest('reels', DataStamp::today(), static function () use ($request, $pictures): array {
            $reels = Reel::inUse()->with('angler')->orderBy('name')->get();
            Reel::readSpools($reels);
            $pictures->readAhead($reels);

            // not a resource collection: that walks through every nested figure again
            return $reels->map(static fn(Reel $reel): array => (new ReelResource($reel))->toArray($request))->all();
        }));
    }

    public function show(Reel $reel): ReelResource
    {
        return new ReelResource($reel->load(self::WITH));
    }

    public function store(ByAnglerRequest $request): ReelResource
    {
        $spool = new TypedFigures($request->array('spool'));

        return DB::transaction(static function () use ($request, $spool): ReelResource {
            $reel = self::change(new Reel(['angler_id' => $request->integer('angler') ?: null]), $request);
            $first = new Spool(['name' => 'Spool 1', 'lip' => $reel->kind->usualLip()]);
            $first->take($spool);
            $first->reels()->attach($reel);

            return new ReelResource($reel->load(self::WITH));
        });
    }

    public function update(ByAnglerRequest $request, Reel $reel): ReelResource
    {
        return new ReelResource(self::change($reel, $request)->load(self::WITH));
    }
}
