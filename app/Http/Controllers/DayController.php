<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ByAnglerRequest;
use App\Log\Care;
use App\Log\Day;
use App\Models\Angler;
use App\Models\Reel;
use Illuminate\Http\JsonResponse;

/** The bench day: what is usually wanted on each spool, and what is proposed for those that are picked. */
final class DayController
{
    private const MOST = 60;

    /** Every spool that was ever filled, and whether it is due. */
    public function usual(Care $care, Day $day): JsonResponse
    {
        $due = [];
        foreach ($care->all(null) as $each) {
            if ($each['calls'] === true && is_int($each['spool'])) {
                $due[$each['spool']] = $each['state'];
            }
        }
        $out = [];
        $reels = Reel::inUse()->orderBy('id')->get();
        Reel::readSpools($reels);
        foreach ($reels as $reel) {
            foreach ($reel->spools as $spool) {
                $usual = $day->usual($reel, $spool);
                if ($usual !== null) {
                    $out[] = $usual + ['due' => $due[$spool->id] ?? null];
                }
            }
        }

        return new JsonResponse($out);
    }

    public function propose(ByAnglerRequest $request, Day $day): JsonResponse
    {
        $in = $request->figures();

        return new JsonResponse($day->propose($in->objects('jobs', 0, self::MOST), $in, Angler::query()->with('habits')->find($request->integer('angler'))));
    }
}
