<?php

declare(strict_types=1);

/*
 * One of several processes that write to one database at once, each request as the server would answer it.
 *
 *     php writer.php MODE SECONDS NUMBER     MODE: all, same or twice; the database in UNDRO_DATABASE
 *
 * It goes on for so long, and for three rounds at least. Who is told that somebody else is saving tries again, as a browser does; not
 * with UNDRO_HARD=1, where nobody may be told so. Says as JSON how many answers of each status there were, how long the slowest took, and what was answered as saved.
 */
use App\Models\Account;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
[, $mode, $seconds, $number] = $argv;
$statuses = $took = $saved = [];
$faults = [];

$ask = static function (string $verb, string $path, array $body = []) use ($app, $kernel, $mode, &$statuses, &$took, &$faults): array {
    $request = Request::create(
        "http://127.0.0.1$path",
        $verb,
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: $body === [] ? '' : json_encode($body, JSON_THROW_ON_ERROR),
    );
    $tries = getenv('UNDRO_HARD') === '1' ? 1 : 20;
    do {
        $app->forgetScopedInstances();
        $app->forgetInstance(Account::class);
        $began = microtime(true);
        $response = $kernel->handle(clone $request);
        $took[] = microtime(true) - $began;
        $status = $response->getStatusCode();
    } while ($status === 503 && --$tries > 0);
    $statuses[$status] = ($statuses[$status] ?? 0) + 1;
    // told twice, nothing is ever refused
    if ($status >= ($mode === 'twice' ? 400 : 500)) {
        $faults[] = "$verb $path: " . substr(
            (string) $response->getContent(),
            0,
            300,
        ) . ($response->exception === null ? '' : substr((string) $response->exception, 0, 400));
    }

    return [$status, (array) json_decode((string) $response->getContent(), true)];
};
$uuid = static fn(string $of, int|string $k): string => preg_replace(
    '/^(.{8})(.{4})(.{4})(.{4})(.{12}).*/',
    '$1-$2-$3-$4-$5',
    md5("$of $k"),
);

$lines = $ask('GET', '/api/lines')[1];
// the same one in all of them: one that comes late finds them renamed, and in another order
$reel = min(array_column($ask('GET', '/api/reels')[1], 'id'));
$angler = $ask('GET', '/api/anglers')[1][0]['id'];
// the oldest: one that comes late finds those that the others have told of before it
$runs = array_column($ask('GET', '/api/runs')[1], 'started_at', 'id');
asort($runs);
$run = array_key_first($runs);
$statuses = $took = [];
// all begin at once
usleep((int) (1e6 * max(0, (float) getenv('UNDRO_BEGIN') - microtime(true))));
for ($k = 0, $until = microtime(true) + (float) $seconds; $k < 3 || microtime(true) < $until; ++$k) {
    if ($mode === 'same') {
        $seen = $ask('GET', "/api/reels/$reel")[1]['version'];
        [$status] = $ask('PATCH', "/api/reels/$reel", ['name' => "of $number $k", 'version' => $seen]);
        $status === 200 && $saved['versions'][] = $seen;
        $seen = $ask('GET', '/api/anglers')[1][0]['version'];
        [$status] = $ask('PATCH', "/api/anglers/$angler", ['habits' => ['long_cast' => $k % 2 === 0], 'version' => $seen]);
        $status === 200 && $saved['habits'][] = $seen;
        continue;
    }
    // told twice, the ids are the same in every process
    $of = $mode === 'twice' ? 'told' : "of $number";
    if ($mode === 'all') {
        [$status, $made] = $ask('POST', '/api/lines', ['name' => "Line $number $k", 'material' => 'mono', 'size' => '0.30']);
        $status === 201 && $saved['line_products'][] = $made['name'];
        [$status, $made] = $ask(
            'POST',
            '/api/reels',
            ['name' => "Reel $number $k", 'kind' => 'spinning', 'spool' => ['stamp' => '0.25/200']],
        );
        $status === 201 && $saved['reels'][] = $made['name'];
        [$status, $made] = $ask('POST', '/api/plans', ['name' => "Plan $number $k", 'draft' => ['stamp' => '0.25/200']]);
        $status === 201 && $saved['plans'][] = $made['name'];
        $ask('PATCH', "/api/anglers/$angler", ['pace_turns_per_min' => 40 + $k % 50]);
    }
    [$status, $filler] = $ask(
        'POST',
        '/api/fillers',
        ['line' => $lines[0]['id'], 'full_length' => '300 m', 'name' => "$of $k", 'event' => $uuid("filler $of", $k)],
    );
    $status < 300 && $saved['fillers'][] = $filler['name'];
    [$status, $event] = $ask(
        'POST',
        '/api/events',
        [
            'id' => $uuid("event $of", $k),
            'kind' => 'bought',
            'moves' => [
                [
                    'from' => ['kind' => 'shop'],
                    'to' => ['kind' => 'filler', 'id' => $filler['id'] ?? 0],
                    'length_m' => 1,
                    'line' => $lines[0]['id'],
                ],
            ],
        ],
    );
    $status < 300 && $saved['events'][] = $event['id'];
    [$status] = $ask('POST', '/api/packs', ['line' => $lines[0]['id'], 'length' => (100 + $k) . ' m', 'price' => '9']);
    if ($run !== null) {
        $mark = $uuid("mark $of", $k);
        [$status] = $ask('POST', "/api/runs/$run/marks", ['marks' => [['id' => $mark, 'kind' => 'note', 'words' => 'n']]]);
        $status < 300 && $saved['run_marks'][] = $mark;
    }
    if ($mode === 'twice') {
        $ask(
            'POST',
            '/api/runs',
            [
                'id' => $uuid('run', $k),
                'name' => 'r',
                'practice' => 7,
                'case' => [
                    'reel' => ['kind' => 'spinning', 'gear_ratio' => 5],
                    'spool' => ['ratings_text' => '0.25/200', 'lip_diameter_mm' => 46, 'traverse_mm' => 17],
                    'main' => ['material' => 'braid', 'size' => 'PE 1', 'length_m' => 120],
                    'backing' => ['material' => 'mono', 'size' => '0.30'],
                ],
            ],
        );
    }
}
echo json_encode(
    ['statuses' => $statuses, 'took' => $took, 'saved' => $saved, 'faults' => array_slice($faults, 0, 3)],
    JSON_THROW_ON_ERROR,
);
