<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Clock;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Another one whenever anything changes that figures are worked out from: an entry, a record, a measurement, a habit. */
final class DataStamp
{
    /** A habit is a change of its angler, a stamp one of its spool; no clock is asked, which may have told the same second twice. */
    private const VERSIONED = ['anglers', 'reels', 'spools', 'line_products', 'fillers', 'line_packs'];

    /** Changes with anything. */
    public static function now(): string
    {
        return self::of(array_map(self::version(...), self::VERSIONED));
    }

    /** Changes with anything, and with the day: what is due is another thing tomorrow. */
    public static function today(): string
    {
        return self::now() . '.' . Clock::today();
    }

    /** Changes with what levels are read from alone: a reel that is renamed, or a habit, teaches nothing. */
    public static function ofLevels(): string
    {
        return self::of([
            self::version('spools'),
            self::version('line_products'),
            'group_concat(id || kind) from reels',
        ]);
    }

    private static function version(string $table): string
    {
        return "sum(version) || '/' || count(*) from $table";
    }

    /** @param list<string> $more */
    private static function of(array $more): string
    {
        $parts = array_map(static fn(string $part): string => "coalesce((select $part), '')", [
            'max(id) from events',
            'max(id) from measurements',
            'max(id) from line_measurements',
            'count(*) from reel_spool',
            ...$more,
        ]);
        $stamp = DB::scalar('select ' . implode(" || '.' || ", $parts));

        return is_string($stamp) ? $stamp : (string) Str::uuid();
    }
}
