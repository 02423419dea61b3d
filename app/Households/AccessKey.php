<?php

declare(strict_types=1);

namespace App\Households;

use App\Clock;
use App\Database\Spare;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/**
 * Lets a script of one person in. Only the hash of the key is kept, and it can be revoked.
 *
 * @property int         $id
 * @property string      $household_id
 * @property int         $person_id
 * @property string      $name
 * @property string      $key_hash
 * @property string      $made_at
 * @property string|null $used_on      the day it was used last
 */
final class AccessKey extends Model
{
    public $timestamps = false;
    protected $connection = 'people';
    protected $guarded = [];

    /** @return array{self, string} the key itself is told once */
    public static function for(Person $person, string $name): array
    {
        $key = Str::random(48);

        return [
            self::query()->create([
                'household_id' => $person->household_id,
                'person_id' => $person->id,
                'name' => $name,
                'key_hash' => hash('sha256', $key),
                'made_at' => Clock::now(),
            ]),
            $key,
        ];
    }

    /** Whose key this is; noted once a day. */
    public static function person(#[\SensitiveParameter] string $key): ?Person
    {
        $is = self::query()->where('key_hash', hash('sha256', $key))->first();
        $today = Clock::today();
        $is === null || $is->used_on === $today || Spare::write(static fn(): bool => $is->update(['used_on' => $today]), 'people');

        return $is === null ? null : Person::query()->find($is->person_id);
    }
}
