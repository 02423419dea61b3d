<?php

declare(strict_types=1);

namespace App\Households;

use App\Clock;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Lets one person in once, to choose a password. Only the hash of what the link carries is kept.
 *
 * @property int      $id
 * @property LinkKind $kind
 * @property string   $household_id
 * @property int|null $person_id   whose password is chosen anew
 * @property string   $email       of who is invited, where it is known
 * @property int|null $made_by     who invites; null: the console
 * @property string   $token_hash
 * @property string   $made_at
 * @property int      $expires_at
 */
final class Link extends Model
{
    private const PATH = '/welcome/';

    public $timestamps = false;
    protected $connection = 'people';
    protected $guarded = [];
    protected $casts = ['kind' => LinkKind::class];

    /** @return array{self, string} and the path of the link, which is told once */
    public static function invitation(Household $household, string $email = '', ?Person $by = null): array
    {
        return self::of(LinkKind::Invitation, $household->id, null, $email, $by?->id);
    }

    /** @return array{self, string} and the path of the link, which is told once; one that was made before is good no more */
    public static function reset(Person $person): array
    {
        self::query()->where('person_id', $person->id)->delete();

        return self::of(LinkKind::Reset, $person->household_id, $person->id, $person->email);
    }

    /** @return array{self, string} */
    private static function of(LinkKind $kind, string $household, ?int $person, string $email, ?int $by = null): array
    {
        $token = Str::random(48);

        return [
            self::query()->create([
                'kind' => $kind,
                'household_id' => $household,
                'person_id' => $person,
                'email' => Person::asKept($email),
                'made_by' => $by,
                'token_hash' => hash('sha256', $token),
                'made_at' => Clock::now(),
                'expires_at' => time() + $kind->seconds(),
            ]),
            self::PATH . $token,
        ];
    }

    public function household(): Household
    {
        return Household::query()->findOrFail($this->household_id);
    }

    /** The link that carries this, if it is good. */
    public static function carrying(#[\SensitiveParameter] string $token): ?self
    {
        return self::query()->where('token_hash', hash('sha256', $token))->where('expires_at', '>', time())->first();
    }

    /**
     * Uses it up, for the one of two who come at once.
     *
     * @param \Closure(self): Person $use
     */
    public static function use(#[\SensitiveParameter] string $token, \Closure $use): ?Person
    {
        return DB::connection('people')->transaction(static function () use ($token, $use): ?Person {
            $link = self::carrying($token);
            $person = $link === null ? null : $use($link);
            $link?->delete();

            return $person;
        });
    }
}
