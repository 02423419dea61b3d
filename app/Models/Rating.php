<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the maker stamped on a spool, as copied.
 *
 * @property string      $stamped
 * @property string|null $units
 * @property string      $material
 */
final class Rating extends Model
{
    public $timestamps = false;
    protected $guarded = [];
}
