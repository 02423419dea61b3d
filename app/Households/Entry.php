<?php

declare(strict_types=1);

namespace App\Households;

use App\Models\Account;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** Into the database of one household, and of no other: from here on this process reads and writes there alone. */
final class Entry
{
    private const CONNECTION = 'sqlite';

    public static function into(Household $household): void
    {
        self::file($household->database());
    }

    /** @param string $file its database */
    public static function file(string $file): void
    {
        $place = 'database.connections.' . self::CONNECTION . '.database';
        if (config()->string($place) === $file) {
            return;
        }
        config([$place => $file]);
        DB::purge(self::CONNECTION);
        // whatever was read of another household is forgotten with it
        Cache::forgetDriver('answers');
        app()->forgetInstance(Account::class);
        app()->forgetScopedInstances();
    }
}
