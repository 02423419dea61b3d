<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Undro\Contract\Compute;

/** Runs a calculator of the core; the same JSON as from the shell. */
final class ComputeController
{
    public function __invoke(Request $request, string $name): JsonResponse
    {
        return new JsonResponse(Compute::run($name, $request->json()->all()));
    }
}
