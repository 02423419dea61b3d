<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Undro\Input\BadInput;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Twist\FillerSpool;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Price;

/**
 * A filler spool. What is left on it is read from the event log.
 *
 * @property int         $id
 * @property int         $line_product_id
 * @property string      $name
 * @property string      $full_length_typed
 * @property float|null  $full_length_m     when new, where that is known
 * @property string      $price
 * @property string      $diameter_typed over the line, when full
 * @property float|null  $diameter_mm
 * @property string      $core_typed
 * @property float|null  $core_mm
 * @property LineProduct $line
 */
final class Filler extends Record
{
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = [
        'diameter_mm' => null,
        'core_mm' => null,
        'archived_at' => null,
        'name' => '',
        'price' => '',
        'diameter_typed' => '',
        'core_typed' => '',
        'version' => 1,
    ];

    /** By its line, and by its own name where it has one. */
    public function called(): string
    {
        return implode(', ', array_filter([$this->line->name, $this->name]));
    }

    /** @return BelongsTo<LineProduct, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(LineProduct::class, 'line_product_id');
    }

    /**
     * What is on one that is written down: what is said to be left, as "80 ± 12 m" where it was weighed, else its length when new.
     *
     * @return array{Length, Length|null} and half the band
     *
     * @throws \Undro\DomainFault where neither is said
     */
    public static function left(Input $in): array
    {
        $full = $in->optionalMetres('full_length', 1, Bounds::LENGTH_M[1]);
        [$left, $half] = $in->metresWithin('left', 0, $full?->inMetres() ?? Bounds::LENGTH_M[1]);

        return [$left ?? $full ?? throw BadInput::noLength('left'), $half];
    }

    /** Where its line lies in the ledger. */
    public function place(): Place
    {
        return Place::of(PlaceKind::Filler, $this->id);
    }

    protected function read(TypedFigures $figures): void
    {
        if ($figures->has('name')) {
            $this->name = $figures->text('name');
        }
        if ($figures->has('price')) {
            $price = $figures->text('price');
            $price === '' || $figures->in->read('price', static fn(): Price => Price::read($price));
            $this->price = $price;
        }
        if ($figures->has('full_length') || !$this->exists) {
            $this->full_length_typed = $figures->text('full_length');
            $this->full_length_m = $figures->in->optionalMetres('full_length', 1, Bounds::LENGTH_M[1])?->inMetres();
        }
        foreach (['diameter', 'core'] as $measure) {
            if ($figures->has($measure)) {
                $this->setAttribute("{$measure}_typed", $figures->text($measure));
                $this->setAttribute("{$measure}_mm", $figures->in->optionalDiameter($measure, 5, 1000)?->inMillimetres());
            }
        }
        if ($this->diameter_mm !== null && $this->core_mm !== null) {
            [$over, $core] = [Diameter::millimetres($this->diameter_mm), Diameter::millimetres($this->core_mm)];
            $figures->in->read('core', fn(): FillerSpool => FillerSpool::of($over, $core, Length::metres($this->full_length_m ?? 1.0)));
        }
    }
}
