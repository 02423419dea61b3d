<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\BenchDay\BenchDay;
use App\Http\Requests\ByAnglerRequest;
use App\Http\Resources\DayResource;
use App\Models\Angler;
use App\Models\Reel;
use App\Upkeep\UpkeepOfSpools;
use Illuminate\Http\JsonResponse;
use Undro\Json\AllocationInput;

/** The bench day: what is usually wanted on each spool, and what is proposed for those that are picked. */
final class DayController
{
    private const MOST = 60;

    /** Every spool there is, those that were never filled last, and whether it is due. */
    public function usual(UpkeepOfSpools $upkeep, BenchDay $day): JsonResponse
    {
        $care = [];
        foreach ($upkeep->all(null) as $each) {
            $care[$each->spool->id] = $each;
        }
        $out = [];
        $never = [];
        $reels = Reel::inUse()->orderBy('id')->get();
        Reel::readSpools($reels);
        foreach ($reels as $reel) {
            foreach ($reel->spools as $spool) {
                $needs = $care[$spool->id] ?? null;
                $usual = $day->usual($reel, $spool, $needs);
                $said = DayResource::usual($usual, $needs?->upkeep->state->calls() === true ? $needs->upkeep->state : null);
                $usual->main === null ? $never[] = $said : $out[] = $said;
            }
        }

        return new JsonResponse([...$out, ...$never]);
    }

    public function propose(ByAnglerRequest $request, BenchDay $day): JsonResponse
    {
        $in = $request->figures();
        $angler = Angler::query()->with('habits')->find($request->integer('angler'));

        return new JsonResponse(
            DayResource::of($day->propose($in->objects('jobs', 0, self::MOST), AllocationInput::choices($in), $angler)),
        );
    }
}
