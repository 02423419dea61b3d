<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A line as it is sold: what it is made of, how thick and how strong by its label.
 *
 * @property int        $id
 * @property string     $name
 * @property string     $material
 * @property string     $size_typed
 * @property float      $diameter_mm
 * @property bool       $nominal
 * @property string     $strength_typed
 * @property float|null $strength_n
 * @property string     $colour
 */
final class LineProduct extends Model
{
    use OwnedByAccount;

    protected $guarded = [];

    protected $casts = ['nominal' => 'boolean'];
}
