<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Http\Requests\RunRequest;
use App\Http\Requests\ShapeRequest;
use App\Http\Resources\RunResource;
use App\Log\Bench;
use App\Log\EventLog;
use App\Models\Angler;
use App\Models\Reel;
use App\Models\Run;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Undro\Fill\Layer;
use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Spool\Usual;

/** Runs at the bench: begun from a plan, told what happens, taken back as one. */
final class RunController
{
    /** A run that is told more than this at once is told nonsense. */
    private const AT_ONCE = 200;

    public function __construct(private readonly Bench $bench, private readonly EventLog $log) {}

    public function index(): JsonResponse
    {
        return new JsonResponse(Run::query()->orderByRaw('ended_at is not null')->orderByDesc('id')->limit(50)->get()->map(RunResource::about(...))->all());
    }

    public function store(RunRequest $request): JsonResponse
    {
        $run = DB::transaction(fn(): Run => Run::query()->where('uuid', $request->string('id')->value())->first() ?? $this->begin($request));

        return new JsonResponse(RunResource::whole($run, $this->bench), $run->wasRecentlyCreated ? 201 : 200);
    }

    public function show(Request $request, string $uuid): JsonResponse
    {
        return self::unlessSeen($request, $this->find($uuid), $this->bench);
    }

    public function mark(ShapeRequest $request, string $uuid): JsonResponse
    {
        $run = $this->find($uuid);
        $state = $this->bench->hear($run, $request->figures()->objects('marks', 1, self::AT_ONCE));

        return new JsonResponse(RunResource::whole($run, $this->bench, $state));
    }

    public function takeBack(string $uuid): JsonResponse
    {
        $run = $this->find($uuid);
        $this->bench->takeBack($run);

        return new JsonResponse(RunResource::whole($run->refresh(), $this->bench));
    }

    private function find(string $uuid): Run
    {
        return Run::query()->where('uuid', $uuid)->firstOrFail();
    }

    /** Another window asks again and again: where nothing has happened since, that is all it is told. */
    private static function unlessSeen(Request $request, Run $run, Bench $bench): JsonResponse
    {
        $tag = $run->tag();
        $response = $request->headers->get('If-None-Match') === $tag ? new JsonResponse(null, 304) : new JsonResponse(RunResource::whole($run, $bench));
        $response->headers->set('ETag', $tag);

        return $response;
    }

    private function begin(RunRequest $request): Run
    {
        $in = $request->figures();
        $case = $in->object('case');
        $practice = $request->integer('practice') ?: null;
        $spool = $request->integer('spool') ?: null;
        $reel = Reel::query()->find($request->integer('reel'));
        $reel === null || $spool === null || $reel->spools()->whereKey($spool)->exists() || throw \Undro\Spool\BadSpool::ofAnotherReel();
        $old = $spool === null ? 0.0 : $this->log->ledger()->length(Place::of(PlaceKind::Spool, $spool))->inMetres();
        $basis = [
            'case' => $case->all(),
            'old_line_m' => $practice === null ? $old : 0.0,
            'leader' => $request->has('leader') ? $request->boolean('leader') : null,
            'pace_turns_per_min' => Angler::query()->find($request->integer('angler'))->pace_turns_per_min ?? Usual::PACE_TURNS_PER_MIN,
        ];
        $roles = array_map(static fn(Layer $layer): string => $layer->role->value, RunInput::read(Input::of($basis))->layers);
        $sources = $in->has('sources') ? $in->object('sources') : Input::of([]);

        return Run::query()->create([
            'uuid' => $request->string('id')->value(),
            'name' => $request->string('name')->value(),
            'angler_id' => $request->integer('angler') ?: null,
            'reel_id' => $reel?->id,
            'spool_id' => $spool,
            'basis' => $basis + [
                'draft' => $request->array('draft'),
                'sources' => array_map(static function (string $role) use ($case, $sources, $practice): array {
                    $from = $sources->has($role) ? $sources->object($role)->all() : [];
                    $line = is_numeric($from['line'] ?? null) ? (int) $from['line'] : null;

                    return ['line' => $practice === null ? Bench::product($line, $case->object($role)) : $line] + $from;
                }, $roles),
            ],
            'truth' => $practice === null ? null : ['seed' => $practice],
            'started_at' => Clock::now(),
        ]);
    }
}
