<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A dated fact about a spool; never changed, only followed by a newer one.
 *
 * @property string     $quantity
 * @property string     $typed
 * @property float|null $value_mm
 * @property string     $how
 * @property string     $workings
 * @property string     $measured_at
 */
final class Measurement extends Model
{
    public $timestamps = false;
    protected $guarded = [];
}
