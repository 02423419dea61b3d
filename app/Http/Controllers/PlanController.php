<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ByAnglerRequest;
use App\Http\Resources\PlanResource;
use App\Models\Plan;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class PlanController
{
    use Changes;

    private const LATEST = 200;

    public function index(): AnonymousResourceCollection
    {
        return PlanResource::collection(Plan::inUse()->orderByDesc('id')->limit(self::LATEST)->get());
    }

    public function show(Plan $plan): PlanResource
    {
        return new PlanResource($plan);
    }

    public function store(ByAnglerRequest $request): PlanResource
    {
        return new PlanResource(self::change(new Plan(['angler_id' => $request->integer('angler') ?: null]), $request));
    }

    public function update(ByAnglerRequest $request, Plan $plan): PlanResource
    {
        return new PlanResource(self::change($plan, $request));
    }
}
