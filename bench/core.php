<?php

declare(strict_types=1);

/** The core by itself: median time of one fill, and the memory of one whole request. */

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

foreach (['straight arbor' => $straight, 'vee' => $vee] as $name => $spool) {
    $case = ['spool' => $spool, 'layers' => $layers, 'gap_mm' => 1.6, 'gear_ratio' => 5.2];
    $times = [];
    for ($i = 0; $i < 4000; ++$i) {
        $begun = hrtime(true);
        Compute::run('fill', $case);
        $times[] = (hrtime(true) - $begun) / 1e6;
    }
    $times = array_slice($times, 1000);
    sort($times);
    printf("core fill, %s: median %.3f ms (limit 1)\n", $name, $times[(int) (count($times) / 2)]);
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
