<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FirstAnswers;
use App\Http\FirstUnits;
use App\Http\Middleware\SignedIn;
use App\Models\Event;
use App\Models\Run;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
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
        $started || FirstUnits::give($request);
        $script = match (true) {
            $place === '' && $started => 'start/StartPlace',
            $place === 'wind' => $of === '' ? 'wind/WindPlace' : 'wind/RunPlace',
            $of === '' && isset(self::SCRIPTS[$place]) => self::SCRIPTS[$place],
            $place === '' || $place === 'plan' => 'plan/PlanPlace',
            default => null,
        };

        $scripts = ['resources/js/main.tsx', ...($script === null ? [] : ["resources/js/$script.tsx"])];

        $head = self::head($request) + ['scripts' => $scripts];

        return new StreamedResponse(static function () use ($head, $first, $path, $started): void {
            // the browser fetches script and styles while the answers are being worked out
            echo view('head', $head)->render();
            ob_get_level() > 0 && ob_flush();
            flush();
            echo view('app', [
                'waysAtOnce' => $path === 'plan' || ($path === '' && !$started),
                'at' => (int) round(1000 * microtime(true)),
                'answers' => $first->of($path),
            ])->render();
        }, headers: ['Content-Type' => 'text/html; charset=utf-8']);
    }

    /** The page as it is for every place, with nothing of the household's in it. */
    public function bare(Request $request): Response
    {
        $scripts = ['resources/js/main.tsx'];

        return new Response(
            view('head', self::head($request) + ['scripts' => $scripts])
                . view('app', ['waysAtOnce' => false, 'at' => 0, 'answers' => []]),
        );
    }

    /** @return array<string, string|null> who sees it, where people sign in */
    private static function head(Request $request): array
    {
        $person = config()->boolean('undro.served') ? SignedIn::person($request) : null;
        $household = $person?->household();

        return ['household' => $household?->name, 'householdId' => $household?->mark(), 'person' => $person?->name];
    }
}
