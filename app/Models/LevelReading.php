<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Undro\Input\Input;
use Undro\Measure\BadMeasure;

/**
 * How far the line on a spool stood under the lip; belongs to an entry of the log, and is never changed. One that a later entry
 * replaces with the same figure but does not count is left out of what is learnt.
 *
 * @property int    $event_id
 * @property int    $spool_id
 * @property string $gap_typed
 * @property float  $gap_mm
 * @property int    $readings round the spool
 * @property bool   $counts  false: left out of what is learnt for good
 * @property bool   $keep    counted though it does not agree with the others
 */
final class LevelReading extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['counts' => 'boolean', 'keep' => 'boolean'];

    /** What is said of one, not yet kept. @throws \Undro\DomainFault naming the figure that cannot be */
    public static function read(Input $in, int $spool): self
    {
        $gap = $in->optionalMillimetres('gap', -5, 50) ?? throw new BadMeasure('gap', 'How far is the line below the lip?');

        return new self([
            'spool_id' => $spool,
            'gap_typed' => $in->asTyped('gap'),
            'gap_mm' => $gap->inMillimetres(),
            'readings' => (int) $in->number('readings', 1, 100, 1),
            'counts' => $in->boolean('counts', true),
            'keep' => $in->boolean('keep'),
        ]);
    }
}
