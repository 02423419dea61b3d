<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\DeviceBoard;
use App\Http\Requests\ShapeRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** The line counter and the scale as they were heard last. */
final class DeviceController
{
    private const FIGURES = [
        'counter' => ['metres'],
        'kitchen' => ['grams', 'rests'],
        'scale' => ['force_N', 'pulling', 'peak_N', 'holds', 'pulls', 'start_up_N', 'running_N'],
    ];
    /** What a stand-in can be told, and whether it takes an amount. */
    private const SAY = [
        'counter' => [
            'run' => ['SIM RUN', true],
            'stop' => ['SIM STOP', false],
            'stall' => ['SIM STALL', true],
            'pull' => ['SIM PULL', true],
        ],
        'kitchen' => ['load' => ['SIM LOAD', true]],
        'scale' => [
            'drag' => ['SIM DRAG', true],
            'target' => ['SIM TARGET', true],
            'knob' => ['SIM KNOB', true],
            'rise' => ['SIM RISE', true],
            'hold' => ['SIM HOLD', true],
            'pull' => ['SIM PULL', false],
        ],
    ];

    public function show(string $device, DeviceBoard $board): JsonResponse
    {
        return new JsonResponse($board->read($device, self::FIGURES[$device]));
    }

    /** Works a stand-in; a real device is worked by hand. */
    public function drive(ShapeRequest $request, string $device, DeviceBoard $board): JsonResponse
    {
        $say = self::SAY[$device];
        $request->validate([
            'amount' => [Rule::requiredIf(static fn(): bool => $say[$request->string('do')->value()][1] ?? false)],
        ]);
        $now = $board->read($device, self::FIGURES[$device]);
        $now['state'] === 'here' && $now['stand_in'] === true || throw new ConflictHttpException("There is no simulated $device.");
        [$words, $takes] = $say[$request->string('do')->value()];
        $board->say($device, $takes ? sprintf('%s %.3F', $words, $request->float('amount')) : $words);

        return new JsonResponse($now);
    }
}
