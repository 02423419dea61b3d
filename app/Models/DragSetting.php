<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Undro\Drag\Kept;
use Undro\Drag\Knob;
use Undro\Drag\Mechanism;
use Undro\Drag\Pull;
use Undro\Drag\Pulls;
use Undro\Units\Force;

/**
 * A drag as it was set and measured; the database refuses to change or delete it.
 *
 * @property int                                                                    $id
 * @property int                                                                    $event_id
 * @property int                                                                    $reel_id
 * @property int                                                                    $spool_id
 * @property Mechanism                                                              $mechanism
 * @property Knob                                                                   $knob
 * @property bool                                                                   $from_off
 * @property bool                                                                   $tip
 * @property float|null                                                             $rod_angle_deg
 * @property float                                                                  $line_out_m
 * @property float|null                                                             $surface_mm
 * @property float                                                                  $target_n
 * @property string                                                                 $weakest
 * @property float                                                                  $weakest_n
 * @property list<array{position: float, running_N: float|null, start_up_N: float|null}> $pulls
 * @property array<string, string>                                                  $chain
 * @property string                                                                 $temperature
 * @property Event                                                                  $event
 */
final class DragSetting extends Model
{
    /** Nearer than this two lengths of line out are one level. */
    public const SAME_LEVEL_M = 0.5;

    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'knob' => Knob::class,
        'mechanism' => Mechanism::class,
        'from_off' => 'boolean',
        'tip' => 'boolean',
        'pulls' => 'array',
        'chain' => 'array',
    ];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /** Line was stripped off before it was pulled: a point on the curve, no setting. */
    public function atAnotherLevel(): bool
    {
        return $this->line_out_m > self::SAME_LEVEL_M;
    }

    /** What its pulls come to; null: it was set by hand, without a scale. */
    public function measured(): ?Pulls
    {
        $pulls = array_map(static fn(array $pull): Pull => Pull::of(
            (float) $pull['position'],
            $pull['running_N'] === null ? null : Force::newtons($pull['running_N']),
            $pull['start_up_N'] === null ? null : Force::newtons($pull['start_up_N']),
        ), $this->pulls);

        return $pulls === [] ? null : Pulls::of($pulls);
    }

    /** As it is compared with others; null: it was never measured. */
    public function kept(): ?Kept
    {
        $pulls = $this->measured();

        return $pulls === null ? null : Kept::of($this->knob, $pulls, $this->from_off, $this->tip, $this->event->happened_at);
    }
}
