<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A pack of a line as it is on sale, on the angler's own list.
 *
 * @property int    $id
 * @property int    $line_product_id
 * @property string $length_typed
 * @property float  $length_m
 * @property string $price
 */
final class LinePack extends Model
{
    use OwnedByAccount;

    protected $guarded = [];
}
