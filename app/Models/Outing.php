<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A day on the water with a spool; belongs to an entry of the log, and is never changed.
 *
 * @property int        $event_id
 * @property int        $spool_id
 * @property float|null $hours
 * @property bool       $sun   heavy
 * @property bool       $rough ground
 * @property string     $cast_typed
 * @property float|null $cast_m the longest
 * @property string     $run_typed
 * @property float|null $run_m the longest
 */
final class Outing extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['sun' => 'boolean', 'rough' => 'boolean', 'hours' => 'float'];
}
