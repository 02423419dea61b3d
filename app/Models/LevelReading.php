<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How far the line on a spool stood under the lip; belongs to an entry of the log, and is never changed. One that a later entry
 * replaces with the same figure but does not count is left out of what is learnt.
 *
 * @property int    $event_id
 * @property int    $spool_id
 * @property string $gap_typed
 * @property float  $gap_mm
 * @property int    $readings round the spool
 * @property bool   $counts
 */
final class LevelReading extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['counts' => 'boolean'];
}
