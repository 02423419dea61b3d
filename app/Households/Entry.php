<?php

declare(strict_types=1);

namespace App\Households;

use App\Database\ImmediatePdo;
use App\Database\Version;
use App\Models\Account;
use Illuminate\Database\QueryException;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Into the database of one household, and of no other: from here on this process reads and writes there alone. */
final class Entry
{
    private const CONNECTION = 'sqlite';

    public static function into(Household $household): void
    {
        self::file($household->database());
    }

    /**
     * Does the same for a request. It never writes to a database of another version, or to one that cannot be read.
     *
     * @throws HttpException 503 with the reason in a sentence
     */
    public static function toAnswer(Household $household): void
    {
        self::into($household);
        $known = Version::migrations();
        try {
            $seen = DB::table('migrations')->max('migration');
        } catch (SQLiteDatabaseDoesNotExistException|QueryException|PDOException $fault) {
            ImmediatePdo::isBusy($fault) && throw $fault;
            report($fault);
            throw self::cannot('The database of this household can’t be read.');
        }
        $seen === end($known) || throw self::cannot(
            in_array($seen, $known, true)
                ? 'The database of this household could not be upgraded to this version of Undro.'
                : 'The database of this household is from a newer version of Undro than the one on this server.',
        );
    }

    private static function cannot(string $why): HttpException
    {
        return new HttpException(503, "$why Nothing was changed. The person who runs this server can find the reason in its log.");
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
