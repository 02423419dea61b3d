<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A filler spool. What is left on it is read from the event log.
 *
 * @property int         $id
 * @property int         $line_product_id
 * @property string      $name
 * @property string      $full_length_typed
 * @property float       $full_length_m
 * @property string      $price
 * @property LineProduct $line
 */
final class Filler extends Model
{
    use OwnedByAccount;

    protected $guarded = [];

    /** @return BelongsTo<LineProduct, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(LineProduct::class, 'line_product_id');
    }
}
