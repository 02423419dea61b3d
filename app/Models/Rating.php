<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Undro\Line\Material;
use Undro\Printed\Stamp;
use Undro\Spool\Rating as Capacity;
use Undro\Spool\ReelKind;
use Undro\Spool\StampUnits;

/**
 * What the maker stamped on a spool, as copied.
 *
 * @property string          $stamp
 * @property StampUnits|null $units    null: as it reads
 * @property Material        $material of what does not say its own
 */
final class Rating extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['units' => StampUnits::class, 'material' => Material::class];

    /** @return Attribute<string, string> which the database has under an older name */
    protected function stamp(): Attribute
    {
        return Attribute::make(
            get: fn(): string => is_string($this->attributes['stamped'] ?? null) ? $this->attributes['stamped'] : '',
            set: static fn(string $stamp): array => ['stamped' => $stamp],
        );
    }

    /**
     * The capacities it names.
     *
     * @return list<Capacity>
     *
     * @throws \Undro\DomainFault naming the part that cannot be read
     */
    public function ratings(ReelKind $reel): array
    {
        return $this->stamp === '' ? [] : Stamp::read($this->stamp, $reel, Stamp::unless($this->material), $this->units)->ratings();
    }
}
