<?php

declare(strict_types=1);

/** The core by itself: one fill, in turns with a fixed loop of arithmetic, and the memory of one whole request. */

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Undro\Contract\Compute;

require __DIR__ . '/../vendor/autoload.php';

$layers = [
    ['role' => 'backing', 'material' => 'mono', 'diameter_mm' => 0.30, 'length_m' => null],
    ['role' => 'main', 'material' => 'braid', 'diameter_mm' => 0.13, 'length_m' => 150],
];
$straight = ['lip_diameter_mm' => 43.1, 'arbor_diameter_mm' => 22.7, 'traverse_mm' => 19.5, 'ratings_text' => '0.25/250 0.30/175'];
$vee = $straight + ['arbor_deep_diameter_mm' => 18.0];

/** @return float what a fixed loop of arithmetic takes this PHP, ms: how fast the machine is at this moment */
$loop = static function (): float {
    $begun = hrtime(true);
    $sum = 0.0;
    for ($i = 1; $i <= 20_000; ++$i) {
        $sum += sqrt($i) / ($i + 1);
    }

    return (hrtime(true) - $begun) / 1e6;
};
$median = static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
};
printf("calibration: twenty thousand square roots take PHP %.3f ms\n", $median(array_map($loop, range(1, 200))));
// so many loops a fill may take
foreach (['straight arbor' => [$straight, 0.7], 'vee' => [$vee, 0.7]] as $name => [$spool, $limit]) {
    $case = ['spool' => $spool, 'layers' => $layers, 'gap_mm' => 1.6, 'gear_ratio' => 5.2];
    $times = $floors = [];
    for ($i = 0; $i < 4000; ++$i) {
        $begun = hrtime(true);
        Compute::run('fill', $case);
        $times[] = (hrtime(true) - $begun) / 1e6;
        $floors[] = $loop();
    }
    [$time, $floor] = [$median(array_slice($times, 1000)), $median(array_slice($floors, 1000))];
    printf(
        "core fill, %s, median: %.2f of the loop (limit %.1f); %.3f ms to %.3f ms%s\n",
        $name,
        $time / $floor,
        $limit,
        $time,
        $floor,
        $time / $floor > $limit ? '  OVER ITS LIMIT' : '',
    );
}

$app = require __DIR__ . '/../bootstrap/app.php';
$request = Request::create(
    '/api/compute/fill',
    'POST',
    server: ['HTTP_HOST' => '127.0.0.1'],
    content: json_encode(['spool' => $straight, 'layers' => $layers]),
);
$response = $app->make(Kernel::class)->handle($request);
printf("memory of one PHP request: %.1f MB, answered %d (limit 32)\n", memory_get_peak_usage(true) / 1e6, $response->getStatusCode());
