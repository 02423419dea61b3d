<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ByAnglerRequest;
use App\Http\Resources\PlanResource;
use App\Models\Plan;
use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;

final class PlanController
{
    public function index(): AnonymousResourceCollection
    {
        return PlanResource::collection(Plan::inUse()->orderByDesc('id')->limit(200)->get());
    }

    public function show(int $id): PlanResource
    {
        return new PlanResource(Plan::query()->findOrFail($id));
    }

    public function store(ByAnglerRequest $request): PlanResource
    {
        return $this->change(new Plan(['angler_id' => $request->integer('angler') ?: null]), $request);
    }

    public function update(ByAnglerRequest $request, int $id): PlanResource
    {
        return $this->change(Plan::query()->findOrFail($id), $request);
    }

    private function change(Plan $plan, ByAnglerRequest $request): PlanResource
    {
        DB::transaction(static function () use ($plan, $request): void {
            $plan->changing($request->seen())->fill($request->typedFigures()->words(['name']));
            if ($request->has('draft')) {
                $draft = array_filter($request->array('draft'), is_string(...));
                $plan->draft = $draft;
                // a plan for a reel of the locker is found from there; a reel that is gone leaves the plan as it is
                $plan->reel_id = Reel::query()->find((int) ($draft['reel'] ?? 0))?->id;
                $plan->spool_id = Spool::query()->find((int) ($draft['spool'] ?? 0))?->id;
            }
            if ($request->has('archived')) {
                $plan->setArchived($request->boolean('archived'));
            }
            $plan->save();
        });

        return new PlanResource($plan->refresh());
    }
}
