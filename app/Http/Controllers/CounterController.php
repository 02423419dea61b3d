<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\DeviceBoard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** The line counter as it was heard last. */
final class CounterController
{
    private const SAY = ['run' => 'SIM RUN', 'stop' => 'SIM STOP', 'stall' => 'SIM STALL', 'pull' => 'SIM PULL'];

    public function show(DeviceBoard $board): JsonResponse
    {
        return new JsonResponse($board->counter());
    }

    /** Turns the stand-in's roller; a real one is turned by the line. */
    public function drive(Request $request, DeviceBoard $board): JsonResponse
    {
        $request->validate(['do' => ['required', Rule::in(array_keys(self::SAY))], 'amount' => ['required_unless:do,stop', 'numeric', 'min:0', 'max:1000']]);
        $counter = $board->counter();
        $counter['state'] === 'here' && $counter['stand_in'] || throw new ConflictHttpException('There is no stand-in counter to drive.');
        $what = self::SAY[$request->string('do')->value()];
        $board->say($request->filled('amount') ? sprintf('%s %.3F', $what, $request->float('amount')) : $what);

        return new JsonResponse($counter);
    }
}
