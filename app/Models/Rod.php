<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int    $id
 * @property string $name
 * @property string $length_typed
 * @property string $line_min_typed
 * @property string $line_max_typed
 */
final class Rod extends Model
{
    use OwnedByAccount;

    protected $guarded = [];
}
