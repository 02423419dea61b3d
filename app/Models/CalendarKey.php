<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Lets one calendar follow what is due; only the hash of its key is kept, and it can be revoked.
 *
 * @property int    $id
 * @property int    $account_id
 * @property string $key_hash
 * @property string $made_at
 */
final class CalendarKey extends Model
{
    public $timestamps = false;
    protected $guarded = [];

    public static function knows(string $key): bool
    {
        return self::query()->where('key_hash', hash('sha256', $key))->exists();
    }
}
