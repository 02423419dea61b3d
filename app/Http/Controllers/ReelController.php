<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReelRequest;
use App\Http\Requests\SpoolRequest;
use App\Http\Resources\ReelResource;
use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Undro\Contract\Bounds;

final class ReelController
{
    private const WITH = ['angler', 'spools.rating', 'spools.measurements', 'spools.reels'];

    public function index(): AnonymousResourceCollection
    {
        return ReelResource::collection(Reel::inUse()->with(self::WITH)->orderBy('name')->get());
    }

    public function show(int $id): ReelResource
    {
        return new ReelResource(Reel::query()->with(self::WITH)->findOrFail($id));
    }

    public function store(ReelRequest $request): ReelResource
    {
        $spool = $request->array('spool');
        Validator::make($spool, SpoolRequest::figureRules())->validate();

        return DB::transaction(function () use ($request, $spool): ReelResource {
            $reel = new Reel(['angler_id' => $request->integer('angler') ?: null]);
            $this->change($reel, $request);
            $first = new Spool(['name' => 'Spool 1', 'lip' => $request->input('kind') === 'spinning' ? 'bevelled' : 'straight']);
            SpoolController::change($first, $spool);
            $first->reels()->attach($reel);

            return new ReelResource($reel->load(self::WITH));
        });
    }

    public function update(ReelRequest $request, int $id): ReelResource
    {
        $reel = Reel::query()->findOrFail($id);
        $this->change($reel, $request);

        return new ReelResource($reel->load(self::WITH));
    }

    private function change(Reel $reel, ReelRequest $request): void
    {
        $figures = $request->figures();
        $reel->fill($request->safe(['name', 'kind']));
        if ($request->exists('gear_ratio')) {
            $reel->gear_ratio_typed = $request->typed('gear_ratio');
            $reel->gear_ratio = $figures->optionalNumber('gear_ratio', ...Bounds::GEAR_RATIO);
        }
        if ($request->exists('max_drag')) {
            $reel->max_drag_typed = $request->typed('max_drag');
            $reel->max_drag_n = $figures->optionalForce('max_drag', ...Bounds::FORCE_N)?->inNewtons();
        }
        if ($request->has('archived')) {
            $reel->setArchived($request->boolean('archived'));
        }
        $reel->save();
        $reel->refresh();
    }
}
