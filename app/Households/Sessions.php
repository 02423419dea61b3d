<?php

declare(strict_types=1);

namespace App\Households;

use App\Database\Row;
use App\Database\Spare;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\InteractsWithTime;

/**
 * Sessions of people who are signed in, kept where they can be listed and ended. A stranger leaves none behind, and one that has not changed
 * is written again once a minute, not with every request. Somebody who only reads gets an answer even if the session cannot be written.
 */
final class Sessions extends DatabaseSessionHandler
{
    use InteractsWithTime;

    private const TABLE = 'sessions';
    private const SEEN_AGAIN_S = 60;

    private string $read = '';

    public static function kept(int $minutes): self
    {
        return new self(DB::connection('people'), self::TABLE, $minutes, app());
    }

    public function read($sessionId): string
    {
        return $this->read = (string) parent::read($sessionId);
    }

    public function write($sessionId, $data): bool
    {
        if (!Auth::hasUser()) {
            return true;
        }
        $same = self::bare($this->read) === self::bare($data);
        $seen = $same ? DB::connection('people')->table(self::TABLE)->where('id', $sessionId)->value('last_activity') : null;
        if (is_numeric($seen) && $seen > $this->currentTime() - self::SEEN_AGAIN_S) {
            return true;
        }
        if (!$same && !request()->isMethodSafe()) {
            return parent::write($sessionId, $data);
        }
        Spare::write(fn(): bool => parent::write($sessionId, $data), 'people');

        return true;
    }

    /** Returns a session decrypted. The same session is encrypted differently each time, so only this can be compared. */
    private static function bare(string $kept): ?string
    {
        try {
            $says = Crypt::decrypt($kept);

            return is_string($says) ? $says : null;
        } catch (DecryptException) {
            return null;
        }
    }

    /**
     * Where a person is signed in. What a browser carries is told to nobody: a session is named by its hash.
     *
     * @return list<array{id: string, agent: string, address: string, seen_at: string, here: bool}> the one seen last first
     */
    public static function of(Person $person, string $here): array
    {
        $sessions = [];
        foreach (self::rows($person) as $row) {
            $sessions[] = [
                'id' => self::name($row['id']),
                'agent' => $row['user_agent'],
                'address' => $row['ip_address'],
                'seen_at' => gmdate('Y-m-d\TH:i:s\Z', $row['last_activity']),
                'here' => hash_equals($row['id'], $here),
            ];
        }

        return $sessions;
    }

    /** Ends one of a person's sessions; false: there is none of that name. */
    public static function end(Person $person, string $name): bool
    {
        foreach (self::rows($person) as $row) {
            if (hash_equals(self::name($row['id']), $name)) {
                return DB::connection('people')->table(self::TABLE)->where('id', $row['id'])->delete() > 0;
            }
        }

        return false;
    }

    private static function name(string $id): string
    {
        return substr(hash('sha256', "session $id"), 0, 32);
    }

    /** @return list<array{id: string, user_agent: string, ip_address: string, last_activity: int}> */
    private static function rows(Person $person): array
    {
        $rows = [];
        foreach (DB::connection('people')->table(self::TABLE)->where('user_id', $person->id)->orderByDesc('last_activity')->get() as $row) {
            $row = Row::of($row);
            $rows[] = [
                'id' => $row->text('id'),
                'user_agent' => $row->optionalText('user_agent') ?? '',
                'ip_address' => $row->optionalText('ip_address') ?? '',
                'last_activity' => $row->int('last_activity'),
            ];
        }

        return $rows;
    }
}
