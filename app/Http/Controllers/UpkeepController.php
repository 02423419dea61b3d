<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Http\Resources\LineResource;
use App\Log\Care;
use App\Log\EventLog;
use App\Log\Pictures;
use App\Models\Angler;
use App\Models\Event;
use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Undro\Contract\Compute;
use Undro\Ledger\EventKind;
use Undro\Ledger\Piece;

/** What the spools need, and each of them through time. */
final class UpkeepController
{
    /** So many states of a spool are told at once; earlier ones by a date. */
    private const STATES = 60;

    public function index(Request $request, Care $care, Pictures $pictures): JsonResponse
    {
        $angler = $request->integer('angler');

        return new JsonResponse($pictures->remembered(
            ['upkeep', EventLog::stamp(), substr(Clock::now(), 0, 10), $angler],
            static fn(): array => ['all' => $care->all(Angler::query()->with('habits')->find($angler))],
        )['all']);
    }

    /** One spool through time: what lay on it after each entry, how it stood then, what it needs now. */
    public function spool(Request $request, EventLog $log, Care $care, int $id): JsonResponse
    {
        $spool = Spool::query()->with(['rating', 'reels.angler.habits'])->findOrFail($id);
        $reel = $spool->reels->first() ?? abort(404);
        $request->validate(['until' => ['nullable', 'date_format:Y-m-d']]);
        $until = $request->string('until')->value();
        $states = $log->states($spool->id, until: $until === '' ? '9' : $until . 'T24', most: self::STATES);
        $kinds = Event::query()->whereIn('uuid', array_column($states, 'event'))->pluck('kind', 'uuid')->all();

        return new JsonResponse([
            'spool' => $spool->id,
            'reel' => $reel->id,
            'states' => array_map(static fn(array $state): array => [
                'event' => $state['event'],
                'kind' => $kinds[$state['event']] ?? EventKind::StockTake->value,
                'at' => $state['at'],
                'pieces' => array_map(static fn(Piece $piece): array => ['line' => $piece->product, 'length_m' => $piece->length->inMetres(), 'since' => $piece->since], $state['pieces']),
                ...self::level($log, $spool, $reel, $state['pieces']),
            ], $states),
            'care' => $care->of($reel, $spool, Angler::query()->with('habits')->find($request->integer('angler'))),
        ]);
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return array<string, mixed> depth_mm and retrieve_m, null where the spool's shape is not known
     */
    private static function level(EventLog $log, Spool $spool, Reel $reel, array $pieces): array
    {
        $none = ['depth_mm' => null, 'retrieve_m' => null];
        if ($pieces === []) {
            return $none;
        }
        try {
            $layers = Compute::run('picture', ['reel' => $reel->kind, 'gear_ratio' => $reel->gear_ratio, 'spool' => $spool->figures(), 'layers' => array_map(static fn(Piece $piece): array => $log->facts($piece->product, LineResource::facts(...)) + ['length_m' => $piece->length->inMetres()], $pieces)])['layers'];
        } catch (\Undro\DomainFault) {
            return $none;
        }
        $top = is_array($layers) ? $layers[count($layers) - 1] ?? [] : [];

        return is_array($top) ? ['depth_mm' => $top['depth_mm'] ?? null, 'retrieve_m' => $top['retrieve_m'] ?? null] : $none;
    }
}
