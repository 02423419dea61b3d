<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether what is served can be used, for a monitor: 200 where people can sign in, 503 where not. It says nothing else. */
final class HealthController
{
    public function __invoke(): Response
    {
        try {
            DB::connection('people')->table('people')->exists();

            return new Response("up\n", 200, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
        } catch (Throwable $fault) {
            report($fault);

            return new Response("down\n", 503, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
        }
    }
}
