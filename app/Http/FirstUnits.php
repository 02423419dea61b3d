<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Angler;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;

/** The units somebody starts with: yards, inches and pounds where the browser speaks the English of a country that uses them. */
final class FirstUnits
{
    private const METRIC = ['unit_length' => 'm', 'unit_small' => 'mm', 'unit_force' => 'kg'];
    private const IMPERIAL = ['unit_length' => 'yd', 'unit_small' => 'in', 'unit_force' => 'lb'];

    /** @return array{unit_length: string, unit_small: string, unit_force: string} by the language that the browser prefers */
    public static function of(Request $request): array
    {
        return preg_match('/^\s*[a-z]{2}-US\b/i', (string) $request->header('Accept-Language')) === 1 ? self::IMPERIAL : self::METRIC;
    }

    /** Gives them to the one angler there is, as long as nobody has changed anything about that angler. */
    public static function give(Request $request): void
    {
        $units = self::of($request);
        $anglers = Angler::query()->limit(2)->get();
        $only = $anglers->count() === 1 ? $anglers->first() : null;
        if ($only === null || $only->version !== 1 || [$only->unit_length, $only->unit_small, $only->unit_force] === array_values($units)) {
            return;
        }
        try {
            Angler::query()->whereKey($only->id)->toBase()->update($units);
        } catch (QueryException) {
            // the page matters more than its units: they can be switched on it
        }
    }
}
