<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Line that went from one place to another, or, without a "from", a count of what lies at a place.
 *
 * @property string|null $from_kind
 * @property int         $from_id
 * @property string      $to_kind
 * @property int         $to_id
 * @property float       $length_m
 * @property int         $line_product_id
 */
final class EventMove extends Model
{
    public $timestamps = false;
    protected $guarded = [];
}
