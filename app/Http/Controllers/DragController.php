<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DragRequest;
use App\Http\Resources\DragResource;
use App\Log\DragLog;
use App\Models\DragSetting;
use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Undro\Json\Written;

/** The drag settings of a spool in its reel: kept, and compared with those before. */
final class DragController
{
    public function __construct(private readonly DragLog $drags) {}

    public function index(Request $request): JsonResponse
    {
        $request->validate(['reel' => ['required', 'integer', Rule::exists(Reel::class, 'id')], 'spool' => ['required', 'integer', Rule::exists(Spool::class, 'id')]]);
        $spool = $request->integer('spool');
        $settings = $this->drags->of($request->integer('reel'), $spool);
        $fills = $this->drags->fills($spool);
        $drift = DragLog::drift($settings);
        $now = DragLog::now($settings, $fills);
        $said = static fn(DragSetting $setting): array => DragResource::of($setting, $fills);

        return new JsonResponse([
            'settings' => $settings->reverse()->values()->map($said)->all(),
            'now' => ['set' => $now['set'] === null ? null : $said($now['set']), 'points' => array_map($said, $now['points'])],
            'drift' => $drift === null ? null : [
                'knob' => $drift->knob->value,
                'position' => $drift->position,
                'points' => array_map(static fn(array $point): array => ['at' => $point['at'], 'force_N' => $point['force'][0], 'low_N' => $point['force'][1], 'high_N' => $point['force'][2]], $drift->points),
                ...Written::sentence($drift->says()),
            ],
        ]);
    }

    public function store(DragRequest $request): JsonResponse
    {
        $setting = $this->drags->write(
            $request->string('id')->value(),
            $request->integer('reel'),
            $request->integer('spool'),
            $request->integer('angler') ?: null,
            $request->figures(),
            $request->happenedAt(),
        );

        return new JsonResponse(DragResource::of($setting->load('event'), $this->drags->fills($setting->spool_id)), $setting->wasRecentlyCreated ? 201 : 200);
    }
}
