<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Answers;
use App\Http\Resources\UpkeepResource;
use App\Learning\AsLearnt;
use App\Ledger\DataStamp;
use App\Ledger\SpoolState;
use App\Ledger\SpoolStates;
use App\Models\Angler;
use App\Models\Reel;
use App\Models\Spool;
use App\Upkeep\UpkeepOfSpools;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Undro\DomainFault;
use Undro\Fill\FillCalculator;
use Undro\Ledger\EventKind;
use Undro\Ledger\Piece;

/** What the spools need, and each of them through time. */
final class UpkeepController
{
    /** So many states of a spool are told at once; earlier ones by a date. */
    private const STATES = 60;

    public function index(Request $request, UpkeepOfSpools $upkeep, Answers $answers): JsonResponse
    {
        $angler = $request->integer('angler');

        return JsonResponse::fromJsonString($answers->latest(
            "upkeep $angler",
            DataStamp::today(),
            static fn(): array => array_map(UpkeepResource::inList(...), $upkeep->all(Angler::query()->with('habits')->find($angler))),
        ));
    }

    /** One spool through time: what lay on it after each entry, how it stood then, what it needs now. */
    public function spool(
        Request $request,
        SpoolStates $states,
        AsLearnt $learnt,
        UpkeepOfSpools $upkeep,
        Answers $answers,
        Spool $spool,
    ): JsonResponse {
        $reel = $spool->load(['rating', 'reels.angler.habits'])->reels->first() ?? abort(404);
        $request->validate(['until' => ['nullable', 'date_format:Y-m-d']]);
        $until = $request->string('until')->value();
        $angler = $request->integer('angler');

        return JsonResponse::fromJsonString($answers->latest("history $spool->id $until $angler", DataStamp::today(), static function () use (
            $states,
            $learnt,
            $upkeep,
            $spool,
            $reel,
            $until,
            $angler,
        ): array {
            $past = $states->of($spool->id, until: $until === '' ? '9' : $until . 'T24', most: self::STATES);
            $kinds = UpkeepOfSpools::kinds($past);
            $now = $upkeep->of($reel, $spool, Angler::query()->with('habits')->find($angler));

            return [
                'spool' => $spool->id,
                'reel' => $reel->id,
                'states' => array_map(static fn(SpoolState $state): array => [
                    'event' => $state->event,
                    'kind' => ($kinds[$state->event] ?? EventKind::StockTake)->value,
                    'at' => $state->at,
                    'pieces' => array_map(static fn(Piece $piece): array => [
                        'line' => $piece->product,
                        'length_m' => $piece->length->inMetres(),
                        'since' => $piece->since,
                    ], $state->pieces),
                    ...self::level($learnt, $spool, $reel, $state->pieces),
                ], $past),
                'care' => $now === null ? null : UpkeepResource::of($now),
            ];
        }));
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return array{depth_mm: float|null, retrieve_m: float|null} null where the spool's shape is not known
     */
    private static function level(AsLearnt $learnt, Spool $spool, Reel $reel, array $pieces): array
    {
        try {
            $layers = $pieces === []
                ? []
                : FillCalculator::solve($learnt->shape($spool, $reel->kind), null, $learnt->layers($pieces), $reel->gear_ratio)->layers;
        } catch (DomainFault) {
            $layers = [];
        }
        $top = $layers[count($layers) - 1] ?? null;

        return ['depth_mm' => $top?->depth?->inMillimetres(), 'retrieve_m' => $top?->retrieve?->inMetres()];
    }
}
