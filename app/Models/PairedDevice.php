<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Another device that was let in. Only a hash of its token is kept.
 *
 * @property int    $id
 * @property string $name
 * @property string $token_hash
 * @property string $paired_at
 */
final class PairedDevice extends Model
{
    public $timestamps = false;
    protected $guarded = [];

    public static function of(string $token): ?self
    {
        return self::query()->where('token_hash', hash('sha256', $token))->first();
    }
}
