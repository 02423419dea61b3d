<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\LastUsed;
use Illuminate\Http\JsonResponse;

/** What lies on the bench where nobody has put anything there. */
final class BenchController
{
    public function __invoke(LastUsed $last): JsonResponse
    {
        return new JsonResponse(['last' => $last->onTheBench()]);
    }
}
