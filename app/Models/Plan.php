<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A saved plan: the fields of the Plan place as typed. Its figures are worked out again each time.
 *
 * @property int                      $id
 * @property string                   $name
 * @property array<array-key, string> $draft
 * @property int|null                 $reel_id
 * @property int|null                 $spool_id
 * @property Carbon                   $created_at
 */
final class Plan extends Model
{
    use OwnedByAccount;
    use Versioned;

    protected $guarded = [];

    protected $casts = ['draft' => 'array'];
}
