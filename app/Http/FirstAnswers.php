<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Angler;
use App\Models\LineProduct;
use App\Models\Plan;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Throwable;

/** What a place asks for first, sent along with its page, so that it need not be asked for again. */
final readonly class FirstAnswers
{
    private const ALWAYS = ['/api/anglers', '/api/reels', '/api/bench'];

    public function __construct(private Application $app, private Router $router) {}

    /**
     * @param string $path of the page, without the first stroke
     *
     * @return array<string, string> by what would be asked: the answer, in JSON, as it would be given; what cannot be answered is left out
     *                               and is asked for by the place, which says why
     */
    public function of(string $path): array
    {
        $answers = [];
        foreach ([...self::ALWAYS, ...$this->asked($path)] as $ask) {
            $answer = $this->answer($ask);
            if ($answer !== null) {
                $answers[$ask] = $answer;
            }
        }

        return $answers;
    }

    /** @return list<string> */
    private function asked(string $path): array
    {
        $upkeep = '/api/upkeep?angler=' . (Angler::inUse()->orderBy('id')->first()->id ?? 0);
        $plan = ['/api/lines', '/api/fillers', '/api/plans'];
        [$place, $of] = explode('/', "$path/");

        return match ($place) {
            '' => ['/api/runs', $upkeep, '/api/days'],
            'locker' => ['/api/rods'],
            'rack' => ['/api/lines', '/api/fillers', '/api/stock'],
            'plan' => preg_match('/^\d{1,18}$/', $of) === 1 ? [...$plan, "/api/plans/$of", ...self::learntFor((int) $of)] : $plan,
            'wind' => ['/api/runs', '/api/plans', '/api/fillers', '/api/days', $upkeep],
            'log' => [$upkeep, '/api/log', '/api/lines', '/api/fillers'],
            'drag' => ['/api/lines', $upkeep, '/api/rods'],
            default => [],
        };
    }

    /**
     * What was learnt of the spool and the lines of a saved plan, as the place asks for it where nothing of them was typed over.
     *
     * @return list<string>
     */
    private static function learntFor(int $id): array
    {
        $plan = Plan::query()->find($id);
        if ($plan?->spool_id === null) {
            return [];
        }
        $line = static fn(string $role, string $material): ?int => LineProduct::query()->where([
            'name' => $plan->draft["{$role}Name"] ?? '',
            'material' => $plan->draft["{$role}Material"] ?? $material,
            'size_typed' => $plan->draft["{$role}Size"] ?? '',
        ])->orderBy('id')->first()?->id;
        $of = ['spool' => $plan->spool_id, 'main' => $line('main', 'braid'), 'backing' => $line('backing', 'mono')];

        return ['/api/learnt/plan?' . http_build_query(array_filter($of))];
    }

    private function answer(string $ask): ?string
    {
        $page = $this->app->make('request');
        $request = Request::create($ask, server: ['HTTP_ACCEPT' => 'application/json']);
        try {
            $this->app->instance('request', $request);
            $route = $this->router->getRoutes()->match($request);
            $this->router->substituteBindings($route);
            $this->router->substituteImplicitBindings($route);
            $response = Router::toResponse($request, $route->run());

            return $response->getStatusCode() === 200 ? (string) $response->getContent() : null;
        } catch (Throwable) {
            return null;
        } finally {
            $this->app->instance('request', $page);
        }
    }
}
