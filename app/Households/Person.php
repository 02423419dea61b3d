<?php

declare(strict_types=1);

namespace App\Households;

use App\Clock;
use App\Models\Angler;
use App\Models\CalendarKey;
use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as Contract;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * Somebody who can sign in, into one household.
 *
 * @property int    $id
 * @property string $household_id
 * @property string $name
 * @property string $email
 * @property string $password     hashed
 * @property bool   $keeper       invites others, shows them out, and may give the household up
 * @property string $made_at
 */
final class Person extends Model implements Contract
{
    use Authenticatable;

    public const LEAST_PASSWORD = 10;
    public const MOST_PASSWORD = 72;

    public $timestamps = false;
    protected $connection = 'people';
    protected $guarded = [];
    protected $casts = ['password' => 'hashed', 'keeper' => 'boolean'];

    /** Nobody is remembered beyond the session. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    public static function isAddress(string $email): bool
    {
        return strlen($email) <= 200 && filter_var($email, FILTER_VALIDATE_EMAIL) !== false;
    }

    /** What is wrong with a password that is being chosen; null: nothing. */
    public static function wrongWith(#[\SensitiveParameter] string $password): ?string
    {
        return match (true) {
            mb_strlen($password) < self::LEAST_PASSWORD => sprintf('Use at least %d characters. A few words make a good password.', self::LEAST_PASSWORD),
            strlen($password) > self::MOST_PASSWORD => sprintf('Use at most %d characters.', self::MOST_PASSWORD),
            default => null,
        };
    }

    public static function of(string $email): ?self
    {
        return self::query()->where('email', self::asKept($email))->first();
    }

    /** An address is the same in capitals. */
    public static function asKept(string $email): string
    {
        return mb_strtolower(trim($email));
    }

    /** Whether somebody is in a household already. */
    public static function anyIn(Household $household): bool
    {
        return self::query()->where('household_id', $household->id)->exists();
    }

    /** The first of a household keeps it. */
    public static function joins(Household $household, string $name, string $email, #[\SensitiveParameter] string $password): self
    {
        return self::query()->create([
            'keeper' => !self::anyIn($household),
            'household_id' => $household->id,
            'name' => $name,
            'email' => self::asKept($email),
            'password' => $password,
            'made_at' => Clock::now(),
        ]);
    }

    /**
     * Adds an angler of that name to the household, or names the one who has no name yet. Call it within the household.
     *
     * @param array<string, string> $units that they start with
     */
    public function comesToTheBench(array $units): void
    {
        if (Angler::query()->where('name', $this->name)->doesntExist()) {
            $nameless = Angler::query()->count() === 1 ? Angler::query()->where('name', Angler::NAMELESS)->first() : null;
            $new = ['name' => $this->name] + $units;
            $nameless === null ? Angler::query()->create($new) : $nameless->update($new);
        }
    }

    public function household(): Household
    {
        return Household::query()->findOrFail($this->household_id);
    }

    /** Sessions, keys, calendars, and links this person made or was sent: nothing of theirs lets anybody in any more. */
    public function endsAllThatLetsIn(): void
    {
        $this->endSessions();
        AccessKey::query()->where('person_id', $this->id)->delete();
        Link::query()->where('person_id', $this->id)->orWhere('made_by', $this->id)->delete();
        Entry::into($this->household());
        CalendarKey::query()->where('person_id', $this->id)->delete();
    }

    /**
     * Changes who is in a household or keeps it, one after the other: of two keepers who do it at once, the second finds what the first left.
     *
     * @template T
     *
     * @param \Closure(): T $change
     *
     * @return T
     */
    public static function oneAfterTheOther(\Closure $change): mixed
    {
        return DB::connection('people')->transaction($change);
    }

    /** Signs this person out, everywhere or everywhere but in one session. */
    public function endSessions(?string $but = null): void
    {
        DB::connection('people')->table('sessions')->where('user_id', $this->id)
            ->when($but !== null, static fn($query) => $query->where('id', '!=', $but))
            ->delete();
    }
}
