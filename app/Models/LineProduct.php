<?php

declare(strict_types=1);

namespace App\Models;

use App\Clock;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Undro\Input\Bounds;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Plan\SizeFrom;
use Undro\Printed\Reading;
use Undro\Printed\Size;
use Undro\Units\Diameter;
use Undro\Units\Moment;

/**
 * A line as it is sold: what it is made of, how thick and how strong by its label, or as somebody measured it.
 *
 * @property int        $id
 * @property string     $name
 * @property Material   $material
 * @property string     $size_typed
 * @property SizeFrom   $size_from
 * @property float      $diameter_mm
 * @property bool       $nominal
 * @property string     $strength_typed
 * @property float|null $strength_n
 * @property string     $colour
 */
final class LineProduct extends Record
{
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = [
        'strength_n' => null,
        'archived_at' => null,
        'size_from' => 'label',
        'size_typed' => '',
        'strength_typed' => '',
        'colour' => '',
        'version' => 1,
    ];

    protected $casts = ['nominal' => 'boolean', 'material' => Material::class, 'size_from' => SizeFrom::class];

    /** The size is a measurement that somebody has just made. */
    private bool $measuredNow = false;

    /** @return HasMany<LineMeasurement, $this> */
    public function measurements(): HasMany
    {
        return $this->hasMany(LineMeasurement::class)->orderBy('id');
    }

    /** @return HasMany<LinePack, $this> those put away too */
    public function packs(): HasMany
    {
        return $this->hasMany(LinePack::class)->orderBy('id');
    }

    /** The line as the core knows it, its cell trusted by where its thickness comes from. */
    public function line(): Line
    {
        return Line::of(
            $this->material,
            Diameter::millimetres($this->diameter_mm),
            1.0,
            $this->size_from->cellSd($this->material, $this->nominal),
        );
    }

    /** A measurement made elsewhere, with its date; one that is known changes nothing. @throws \Undro\DomainFault */
    public function measuredBefore(TypedFigures $fact): void
    {
        $when = Clock::read($fact->in, 'measured_at')->dated();
        if ($this->measurements()->where('measured_at', $when)->doesntExist()) {
            $size = $fact->in->read('typed', fn(): Reading => Size::read($fact->text('typed'), $this->material)->piece->used());
            $this->measurements()->create([
                'typed' => $fact->text('typed'),
                'value_mm' => $size->diameter->inMillimetres(),
                'how' => $fact->text('how'),
                'workings' => $fact->text('workings'),
                'measured_at' => $when,
            ]);
        }
    }

    protected function read(TypedFigures $figures): void
    {
        $this->fill($figures->words(['name', 'material', 'colour']));
        if ($figures->has('size') || $figures->has('material')) {
            $this->readSize($figures);
        }
        if ($figures->has('strength')) {
            $this->strength_typed = $figures->text('strength');
            $this->strength_n = $figures->in->optionalForce('strength', ...Bounds::FORCE_N)?->inNewtons();
        }
    }

    protected function readParts(TypedFigures $figures): void
    {
        // measurements that come with dates of their own have the size among them
        if ($this->measuredNow && $figures->in->objects('measurements', 0, PHP_INT_MAX) === []) {
            $last = $this->measurements()->max('measured_at');
            $this->measurements()->create([
                'typed' => $this->size_typed,
                'value_mm' => $this->diameter_mm,
                'how' => $this->size_from->value,
                'workings' => $figures->text('workings'),
                'measured_at' => Clock::moment()->after(is_string($last) ? Moment::read($last) : null)->dated(),
            ]);
        }
        $this->measuredNow = false;
    }

    private function readSize(TypedFigures $figures): void
    {
        $typed = $figures->has('size') ? $figures->text('size') : $this->size_typed;
        $from = SizeFrom::tryFrom($figures->text('size_from')) ?? ($figures->has('size') ? SizeFrom::Label : $this->size_from);
        $size = $figures->in->read('size', fn(): Reading => $typed === $this->size_typed
            ? Size::read($typed, $this->material)->piece->used()
            : Size::sure($typed, $this->material));
        $figures->in->within('size', $size->diameter->inMillimetres(), ...[...Bounds::LINE_MM, 'mm']);
        $this->measuredNow = $from !== SizeFrom::Label && ($typed !== $this->size_typed || $from !== $this->size_from);
        $this->fill(
            ['size_typed' => $typed, 'size_from' => $from, 'diameter_mm' => $size->diameter->inMillimetres(), 'nominal' => $size->nominal],
        );
        if ($size->strength !== null && !$figures->has('strength')) {
            $this->fill(['strength_typed' => $size->strengthText(), 'strength_n' => $size->strength->inNewtons()]);
        }
    }
}
