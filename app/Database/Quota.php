<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Facades\DB;

/** How large the database of one household may grow where many are served: none of them fills the disk for the others. SQLite itself keeps to it. */
final class Quota
{
    private const PAGE_BYTES = 4096;
    /** From this share on people are told that room runs out. */
    private const NEARLY = 0.8;

    /** @return array<string, int> what SQLite is told when a database is opened */
    public static function pragmas(int $most): array
    {
        return $most === 0 ? [] : ['max_page_count' => intdiv($most * 1_000_000, self::PAGE_BYTES)];
    }

    /** MB; null: as large as it will. */
    public static function most(): ?int
    {
        $most = config()->integer('undro.quota_MB');

        return $most === 0 ? null : $most;
    }

    /** MB that are taken up; what was deleted and can be used again is not counted. */
    public static function used(): float
    {
        $of = static fn(string $what): int => is_numeric($pages = DB::scalar("select $what from pragma_$what()")) ? (int) $pages : 0;

        return ($of('page_count') - $of('freelist_count')) * self::PAGE_BYTES / 1e6;
    }

    /** Returns whether so many MB are nearly all that a household may have. */
    public static function isNear(float $used): bool
    {
        return self::most() !== null && $used > self::NEARLY * self::most();
    }

    /** Whether it was this that left no room, and not the disk. */
    public static function isReached(): bool
    {
        $most = self::most();

        return $most !== null && self::used() > 0.99 * $most;
    }
}
