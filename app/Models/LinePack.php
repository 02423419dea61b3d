<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Undro\Input\Bounds;
use Undro\Units\Price;

/**
 * A pack of a line as it is on sale, on the angler's own list.
 *
 * @property int    $id
 * @property int    $line_product_id
 * @property string $length_typed
 * @property float  $length_m
 * @property string $price
 * @property int    $version
 */
final class LinePack extends Model
{
    use OwnedByAccount;

    public $timestamps = false;
    protected $guarded = [];

    /** A pack of a line for the list; one that is there already is that one. @throws \Undro\DomainFault naming the figure that cannot be */
    public static function from(LineProduct $line, TypedFigures $figures): self
    {
        $price = $figures->text('price');
        $figures->in->read('price', static fn(): Price => Price::read($price));
        $metres = $figures->in->metres('length', 1, Bounds::LENGTH_M[1])->inMetres();

        $pack = self::query()->firstOrNew(['line_product_id' => $line->id, 'length_m' => $metres]);
        $pack->fill([
            'length_typed' => $figures->text('length'),
            'price' => $price,
            'archived_at' => $figures->flag('archived') === true ? Carbon::now() : null,
            'version' => ($pack->version ?? 0) + 1,
        ]);
        $pack->save();

        return $pack;
    }
}
