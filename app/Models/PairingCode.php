<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The code that lets one device in; there is one at a time.
 *
 * @property string $code
 * @property int    $expires_at seconds since 1970
 */
final class PairingCode extends Model
{
    public $timestamps = false;
    protected $guarded = [];

    public static function now(): ?self
    {
        return self::query()->first();
    }

    /** Takes the place of the one before. */
    public static function replace(string $code, int $expiresAt): void
    {
        self::query()->delete();
        self::query()->create(['code' => $code, 'expires_at' => $expiresAt]);
    }
}
