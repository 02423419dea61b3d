<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The thickness of a line as somebody measured it: a dated fact, never changed, only followed by a newer one.
 *
 * @property string $typed
 * @property float  $value_mm
 * @property string $how
 * @property string $workings
 * @property string $measured_at
 */
final class LineMeasurement extends Model
{
    public $timestamps = false;
    protected $guarded = [];
}
