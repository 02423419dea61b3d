<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Undro\Line\Lay;
use Undro\Line\Material;
use Undro\Plan\MeasuredWith;
use Undro\Spool\LipShape;
use Undro\Spool\Measures;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool as Shape;
use Undro\Spool\StampUnits;
use Undro\Units\Length;

/**
 * @property int                          $id
 * @property string                       $name
 * @property LipShape                     $lip
 * @property Lay                          $lay
 * @property MeasuredWith                 $measured_with
 * @property bool                         $grips the arbor has a strip, a pin or a hole that holds the line
 * @property Rating|null                  $rating
 * @property Collection<int, Measurement> $measurements
 * @property Collection<int, Reel>        $reels
 */
final class Spool extends Record
{
    use MeasuredOverTime;

    /** What can be measured on a spool, or, the last, where its stamp is taken to be full. */
    public const QUANTITIES = [
        'lip_diameter', 'arbor_diameter', 'arbor_deep_diameter', 'traverse', 'bevel_depth', 'rated_gap', 'full_mark',
    ];

    /** As in the database, so that a new record need not be read back. */
    protected $attributes = ['archived_at' => null, 'lay' => 'normal', 'measured_with' => 'unknown', 'grips' => false, 'version' => 1];

    protected $casts = ['grips' => 'boolean', 'lip' => LipShape::class, 'lay' => Lay::class, 'measured_with' => MeasuredWith::class];

    /** By its reel, and by its own name. */
    public function called(): string
    {
        return implode(', ', array_filter([$this->reels->first()?->name, $this->name]));
    }

    /** @return HasOne<Rating, $this> */
    public function rating(): HasOne
    {
        return $this->hasOne(Rating::class);
    }

    /** @return BelongsToMany<Reel, $this> */
    public function reels(): BelongsToMany
    {
        return $this->belongsToMany(Reel::class);
    }

    /** The kind of reel it sits in; a spool of no reel is taken to be a spinning reel's. */
    public function reelKind(): ReelKind
    {
        return $this->reels->first()->kind ?? ReelKind::Spinning;
    }

    /**
     * The spool as the core knows it, in a kind of reel: its measures trusted by the tool, its stamp read at the gap of the reel.
     *
     * @throws \Undro\DomainFault if its figures are not enough or contradict each other
     */
    public function spool(ReelKind $reel): Shape
    {
        $ratedGap = $this->mm('rated_gap');

        return Shape::of(
            $this->coreMeasures(),
            $this->rating?->ratings($reel) ?? [],
            $this->lay,
            $ratedGap === null ? $reel->ratedGap() : Length::millimetres($ratedGap),
        );
    }

    /** The same for the same figures, another for others: for what was worked out from them to be found again. */
    public function fingerprint(): string
    {
        $is = $this->getAttributes();
        $stamp = $this->rating?->getAttributes() ?? [];

        return json_encode([
            $is['lay'],
            $is['measured_with'],
            $stamp['stamped'] ?? '',
            $stamp['units'] ?? '',
            $stamp['material'] ?? '',
            ...array_values($this->measures()),
        ], JSON_THROW_ON_ERROR);
    }

    /** Depth of its lip's bevel, where it was measured. */
    public function bevel(): ?Length
    {
        $bevel = $this->mm('bevel_depth');

        return $bevel === null ? null : Length::millimetres($bevel);
    }

    /** How deep a full mark of its own lies: a printed line, a step, a change of colour. */
    public function fullMark(): ?Length
    {
        $mark = $this->mm('full_mark');

        return $mark === null ? null : Length::millimetres($mark);
    }

    protected function read(TypedFigures $figures): void
    {
        $this->fill($figures->words(['name', 'lip', 'lay', 'measured_with']));
        $grips = $figures->flag('grips');
        if ($grips !== null) {
            $this->grips = $grips;
        }
    }

    protected function readParts(TypedFigures $figures): void
    {
        if ($figures->has('stamp')) {
            $this->stamp($figures);
        }
        if ($figures->in->has('measures')) {
            $this->measure($figures->in->object('measures'), $figures->text('workings'));
        }
    }

    private function stamp(TypedFigures $figures): void
    {
        $rating = $this->rating ?? new Rating(['spool_id' => $this->id, 'material' => Material::Mono]);
        $rating->stamp = $figures->text('stamp');
        if ($figures->has('stamp_material')) {
            $rating->material = Material::tryFrom($figures->text('stamp_material')) ?? Material::Mono;
        }
        if ($figures->has('stamp_units')) {
            $rating->units = StampUnits::tryFrom($figures->text('stamp_units'));
        }
        // refused here if it cannot be read, so that nothing unreadable is kept
        $figures->in->read('stamp', fn(): array => $rating->ratings($this->reelKind()));
        $rating->stamp === '' ? $this->rating()->delete() : $rating->save();
        $this->unsetRelation('rating');
    }
}
