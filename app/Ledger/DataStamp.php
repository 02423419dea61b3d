<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Another one whenever anything changes that figures are worked out from: an entry, a record, a measurement, a habit. */
final class DataStamp
{
    /** A habit is a change of its angler, a stamp one of its spool; no clock is asked, which may have told the same second twice. */
    private const VERSIONED = ['anglers', 'reels', 'spools', 'line_products', 'fillers', 'line_packs'];

    public static function now(): string
    {
        $parts = array_map(static fn(string $part): string => "coalesce((select $part), '')", [
            'max(id) from events',
            'max(id) from measurements',
            'max(id) from line_measurements',
            'count(*) from reel_spool',
            ...array_map(static fn(string $table): string => "sum(version) || '/' || count(*) from $table", self::VERSIONED),
        ]);
        $stamp = DB::scalar('select ' . implode(" || '.' || ", $parts));

        return is_string($stamp) ? $stamp : (string) Str::uuid();
    }
}
