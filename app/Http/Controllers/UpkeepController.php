<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\Care;
use App\Log\EventLog;
use App\Log\Learning;
use App\Log\Pictures;
use App\Log\Stock;
use App\Models\Angler;
use App\Models\Event;
use App\Models\LinePack;
use App\Models\LineProduct;
use App\Models\Reel;
use App\Models\Spool;
use App\Models\TypedFigures;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Undro\Contract\Compute;
use Undro\Ledger\EventKind;
use Undro\Ledger\Piece;

/** What the spools need, what was learnt of them, and what the rack still holds. */
final class UpkeepController
{
    /** So many states of a spool are told at once; earlier ones by a date. */
    private const STATES = 60;

    public function index(Request $request, Care $care, Pictures $pictures): JsonResponse
    {
        $angler = $request->integer('angler');

        return new JsonResponse($pictures->remembered(
            ['upkeep', EventLog::stamp(), substr(EventLog::now(), 0, 10), $angler],
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

    /** What finished fills have taught, in words, and the readings it comes from. */
    public function learnt(Learning $learning, Pictures $pictures): JsonResponse
    {
        return new JsonResponse($pictures->remembered(['learnt', EventLog::stamp()], static fn(): array => self::taught($learning)));
    }

    /** @return array<string, mixed> */
    private static function taught(Learning $learning): array
    {
        $spools = [];
        foreach (Spool::inUse()->with('reels')->orderBy('id')->get() as $spool) {
            $known = $learning->spool($spool->id);
            if ($known !== null) {
                $spools[] = ['spool' => $spool->id, 'name' => ($spool->reels->first()->name ?? '') . ", $spool->name"] + $known + Compute::run('learnt', ['of' => 'spool'] + $known);
            }
        }
        $lines = [];
        foreach (LineProduct::query()->orderBy('name')->get() as $line) {
            $known = $learning->line($line->id);
            if ($known !== null) {
                $lines[] = ['line' => $line->id, 'name' => $line->name] + $known + Compute::run('learnt', ['of' => 'line', 'material' => $line->material] + $known);
            }
        }
        $doubtful = $learning->doubtful();

        return [
            'spools' => $spools,
            'lines' => $lines,
            // the latest, and any that is asked about
            'readings' => array_values(array_filter(
                array_map(static fn(array $reading): array => array_intersect_key($reading, array_flip(['uuid', 'happened_at', 'spool', 'gap', 'gap_mm', 'readings', 'counts'])) + ['doubtful' => in_array($reading['uuid'], $doubtful, true)], array_reverse($learning->readings())),
                static fn(array $reading, int $index): bool => $index < self::STATES || $reading['doubtful'],
                ARRAY_FILTER_USE_BOTH,
            )),
        ];
    }

    /** What a plan is told of its spool and lines. */
    public function about(Request $request, Learning $learning, Pictures $pictures): JsonResponse
    {
        $of = [$request->integer('spool'), $request->integer('main') ?: null, $request->integer('backing') ?: null];

        return new JsonResponse($pictures->remembered(['plan', EventLog::stamp(), $of], static fn(): array => ['learnt' => $learning->about(...$of)]));
    }

    public function stock(Stock $stock, Pictures $pictures): JsonResponse
    {
        return new JsonResponse($pictures->remembered(['stock', EventLog::stamp(), substr(EventLog::now(), 0, 10)], static fn(): array => ['lines' => $stock->lines()])['lines']);
    }

    public function packs(): JsonResponse
    {
        $out = [];
        foreach (Stock::packs() as $line => $packs) {
            foreach ($packs as $pack) {
                $out[] = ['line' => $line] + $pack;
            }
        }

        return new JsonResponse($out);
    }

    public function addPack(Request $request): JsonResponse
    {
        $request->validate(['line' => ['required', 'integer', Rule::exists(LineProduct::class, 'id')], 'length' => ['required', 'string', 'max:60'], 'price' => ['required', 'string', 'max:20']]);
        LinePack::from(LineProduct::query()->findOrFail($request->integer('line')), new TypedFigures($request->all()));

        return $this->packs()->setStatusCode(201);
    }

    /** A pack put away can be had back. */
    public function changePack(Request $request, int $id): JsonResponse
    {
        $pack = LinePack::query()->findOrFail($id);
        $pack->setArchived($request->boolean('archived'));
        $pack->save();

        return $this->packs();
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
            $layers = Compute::run('picture', ['reel' => $reel->kind, 'gear_ratio' => $reel->gear_ratio, 'spool' => $spool->figures(), 'layers' => array_map(static fn(Piece $piece): array => $log->facts($piece->product, static fn(LineProduct $line): array => ['material' => $line->material, 'diameter_mm' => $line->diameter_mm]) + ['length_m' => $piece->length->inMetres()], $pieces)])['layers'];
        } catch (\Undro\DomainFault) {
            return $none;
        }
        $top = is_array($layers) ? $layers[count($layers) - 1] ?? [] : [];

        return is_array($top) ? ['depth_mm' => $top['depth_mm'] ?? null, 'retrieve_m' => $top['retrieve_m'] ?? null] : $none;
    }
}
