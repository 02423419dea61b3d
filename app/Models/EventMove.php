<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Undro\Ledger\PlaceKind;

/**
 * Line that went from one place to another, or, without a "from", a count of what lies at a place.
 *
 * @property PlaceKind|null $from_kind
 * @property int            $from_id
 * @property PlaceKind      $to_kind
 * @property int            $to_id
 * @property float          $length_m
 * @property float|null     $half_m     half the 90 % band, where it was not counted exactly
 * @property string|null    $known      how it is known, of line that a run has wound
 * @property int            $line_product_id
 */
final class EventMove extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['from_kind' => PlaceKind::class, 'to_kind' => PlaceKind::class];

    /** The spool it speaks of, that line came onto rather than off. */
    public function spool(): ?int
    {
        return match (PlaceKind::Spool) {
            $this->to_kind => $this->to_id,
            $this->from_kind => $this->from_id,
            default => null,
        };
    }
}
