<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FirstAnswers;
use App\Http\Middleware\SignedIn;
use App\Models\Event;
use App\Models\Run;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The one page there is; the place that is asked for and its first answers come along with it. */
final class PageController
{
    private const SCRIPTS = [
        'locker' => 'locker/LockerPlace',
        'rack' => 'rack/RackPlace',
        'log' => 'log/LogPlace',
        'day' => 'day/DayPlace',
        'drag' => 'drag/DragPlace',
        'knots' => 'knots/KnotsPlace',
    ];

    public function __invoke(Request $request, FirstAnswers $first): StreamedResponse
    {
        $path = trim($request->path(), '/');
        [$place, $of] = explode('/', "$path/");
        // without history the bench opens at Plan
        $started = Event::query()->exists() || Run::query()->exists();
        $script = match (true) {
            $place === '' && $started => 'start/StartPlace',
            $place === 'wind' => $of === '' ? 'wind/WindPlace' : 'wind/RunPlace',
            $of === '' && isset(self::SCRIPTS[$place]) => self::SCRIPTS[$place],
            $place === '' || $place === 'plan' => 'plan/PlanPlace',
            default => null,
        };

        $scripts = ['resources/js/main.tsx', ...($script === null ? [] : ["resources/js/$script.tsx"])];

        $person = config()->boolean('undro.served') ? SignedIn::person($request) : null;
        $head = ['household' => $person?->household()->name, 'householdId' => $person?->household()->mark(), 'person' => $person?->name];

        return new StreamedResponse(static function () use ($scripts, $first, $path, $started, $head): void {
            // the browser fetches script and styles while the answers are being worked out
            echo view('head', ['scripts' => $scripts] + $head)->render();
            ob_get_level() > 0 && ob_flush();
            flush();
            echo view('app', [
                'waysAtOnce' => $path === 'plan' || ($path === '' && !$started),
                'at' => (int) round(1000 * microtime(true)),
                'answers' => $first->of($path),
            ])->render();
        }, headers: ['Content-Type' => 'text/html; charset=utf-8']);
    }
}
