<?php

declare(strict_types=1);

namespace App\Models;

use App\Clock;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Undro\Input\Bounds;
use Undro\Line\LineSize;
use Undro\Line\Material;
use Undro\Units\Moment;

/**
 * A line as it is sold: what it is made of, how thick and how strong by its label, or as somebody measured it.
 *
 * @property int        $id
 * @property string     $name
 * @property string     $material
 * @property string     $size_typed
 * @property string     $size_from label, measured or short_wrap_test
 * @property float      $diameter_mm
 * @property bool       $nominal
 * @property string     $strength_typed
 * @property float|null $strength_n
 * @property string     $colour
 */
final class LineProduct extends Model
{
    use OwnedByAccount;
    use Versioned;

    public $timestamps = false;
    protected $guarded = [];
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = ['strength_n' => null, 'archived_at' => null, 'size_from' => 'label', 'strength_typed' => '', 'colour' => '', 'version' => 1];

    protected $casts = ['nominal' => 'boolean'];

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

    /**
     * @param bool $dated its measurements come with dates of their own, so that the size is not one more
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public function take(TypedFigures $figures, bool $dated = false): void
    {
        $this->fill($figures->words(['name', 'material', 'colour']));
        $measured = false;
        if ($figures->has('size') || $figures->has('material')) {
            $typed = $figures->has('size') ? $figures->text('size') : ($this->size_typed ?? '');
            $from = $figures->text('size_from') ?: ($figures->has('size') ? 'label' : $this->size_from ?? 'label');
            $size = $figures->in->read('size', fn(): LineSize => LineSize::read($typed, Material::from($this->material)));
            $figures->in->within('size', $size->diameter->inMillimetres(), ...[...Bounds::LINE_MM, 'mm']);
            $measured = $from !== 'label' && ($typed !== ($this->size_typed ?? '') || $from !== ($this->size_from ?? 'label'));
            $this->fill(['size_typed' => $typed, 'size_from' => $from, 'diameter_mm' => $size->diameter->inMillimetres(), 'nominal' => $size->nominal]);
            if ($size->strength !== null && !$figures->has('strength')) {
                $this->fill(['strength_typed' => $typed, 'strength_n' => $size->strength->inNewtons()]);
            }
        }
        if ($figures->has('strength')) {
            $this->strength_typed = $figures->text('strength');
            $this->strength_n = $figures->in->optionalForce('strength', ...Bounds::FORCE_N)?->inNewtons();
        }
        $archived = $figures->flag('archived');
        if ($archived !== null) {
            $this->setArchived($archived);
        }
        $this->save();
        if ($measured && !$dated) {
            $last = $this->measurements()->max('measured_at');
            $this->measurements()->create([
                'typed' => $this->size_typed,
                'value_mm' => $this->diameter_mm,
                'how' => $this->size_from,
                'workings' => $figures->text('workings'),
                'measured_at' => Clock::moment()->after(is_string($last) ? Moment::read($last) : null)->dated(),
            ]);
        }
    }

    /** A measurement made elsewhere, with its date; one that is known changes nothing. @throws \Undro\DomainFault */
    public function measuredBefore(TypedFigures $fact): void
    {
        $when = Clock::read($fact->in, 'measured_at')->dated();
        if ($this->measurements()->where('measured_at', $when)->doesntExist()) {
            $size = $fact->in->read('typed', fn(): LineSize => LineSize::read($fact->text('typed'), Material::from($this->material)));
            $this->measurements()->create(['typed' => $fact->text('typed'), 'value_mm' => $size->diameter->inMillimetres(), 'how' => $fact->text('how'), 'workings' => $fact->text('workings'), 'measured_at' => $when]);
        }
    }
}
