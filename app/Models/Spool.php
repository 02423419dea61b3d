<?php

declare(strict_types=1);

namespace App\Models;

use App\Clock;
use App\Database\Row;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Facades\DB;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Lay;
use Undro\Line\Material;
use Undro\Plan\MeasuredWith;
use Undro\Spool\LipShape;
use Undro\Spool\Measures;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool as Shape;
use Undro\Spool\StampUnits;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Moment;

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
    /** What can be measured on a spool, or, the last, where its stamp is taken to be full. */
    public const QUANTITIES = ['lip_diameter', 'arbor_diameter', 'arbor_deep_diameter', 'traverse', 'bevel_depth', 'rated_gap'];

    /** As in the database, so that a new record need not be read back. */
    protected $attributes = ['archived_at' => null, 'lay' => 'normal', 'measured_with' => 'unknown', 'grips' => false, 'version' => 1];

    protected $casts = ['grips' => 'boolean', 'lip' => LipShape::class, 'lay' => Lay::class, 'measured_with' => MeasuredWith::class];

    /** @var array<string, array{typed: string, mm: float|null}>|null what was measured last, by quantity */
    private ?array $lastMeasures = null;

    /** @return HasOne<Rating, $this> */
    public function rating(): HasOne
    {
        return $this->hasOne(Rating::class);
    }

    /** @return HasMany<Measurement, $this> */
    public function measurements(): HasMany
    {
        return $this->hasMany(Measurement::class)->orderBy('measured_at')->orderBy('id');
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
            self::coreMeasures($this->lastMeasures(), $this->measured_with->sd()),
            $this->rating?->ratings() ?? [],
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
            $this->lastMeasures(),
        ], JSON_THROW_ON_ERROR);
    }

    /** @return array<string, string> what was measured last, as typed, by quantity; empty where it was not */
    public function measures(): array
    {
        return array_map(static fn(array $measure): string => $measure['typed'], $this->lastMeasures());
    }

    /** Depth of its lip's bevel, where it was measured. */
    public function bevel(): ?Length
    {
        $bevel = $this->mm('bevel_depth');

        return $bevel === null ? null : Length::millimetres($bevel);
    }

    /**
     * Reads the stamps and last measures of many spools at once.
     *
     * @param iterable<array-key, self> $spools
     */
    public static function readAll(iterable $spools): void
    {
        $byId = [];
        foreach ($spools as $spool) {
            $spool->lastMeasures = array_fill_keys(self::QUANTITIES, ['typed' => '', 'mm' => null]);
            $byId[$spool->id] = $spool;
        }
        foreach (array_chunk(array_keys($byId), 500) as $ids) {
            $rows = DB::table('measurements')->whereIntegerInRaw('spool_id', $ids)->orderBy('measured_at')->orderBy('id');
            foreach (Row::all($rows, ['spool_id', 'quantity', 'typed', 'value_mm']) as $row) {
                $byId[$row->int('spool_id')]->lastMeasures[$row->text('quantity')] = [
                    'typed' => $row->text('typed'),
                    'mm' => $row->optionalFloat('value_mm'),
                ];
            }
            $stamps = Rating::query()->whereIntegerInRaw('spool_id', $ids)->get()->keyBy('spool_id');
            foreach ($ids as $id) {
                $byId[$id]->setRelation('rating', $stamps->get($id));
            }
        }
    }

    /** A new dated fact, where it differs from the last one. @param string $workings how it was got */
    public function measured(string $quantity, string $typed, ?float $millimetres, string $workings = ''): void
    {
        if ($this->measures()[$quantity] !== $typed) {
            $last = $this->measurements()->where('quantity', $quantity)->max('measured_at');
            $this->measurements()->create([
                'quantity' => $quantity,
                'typed' => $typed,
                'value_mm' => $millimetres,
                'how' => $this->measured_with->value,
                'workings' => $workings,
                // what is measured now counts from now on, also where the clock was set back since the last time
                'measured_at' => Clock::moment()->after(is_string($last) ? Moment::read($last) : null)->dated(),
            ]);
            $this->lastMeasures = null;
        }
    }

    /** A measurement made elsewhere, with its date; one that is known changes nothing. @throws \Undro\DomainFault */
    public function measuredBefore(TypedFigures $fact): void
    {
        $quantity = $fact->text('quantity');
        $when = Clock::read($fact->in, 'measured_at')->dated();
        if ($this->measurements()->where(['quantity' => $quantity, 'measured_at' => $when])->doesntExist()) {
            $this->measurements()->create([
                'quantity' => $quantity,
                'typed' => $fact->text('typed'),
                'value_mm' => $fact->in->optionalMillimetres('typed', ...self::bounds($quantity))?->inMillimetres(),
                'how' => $fact->text('how'),
                'workings' => $fact->text('workings'),
                'measured_at' => $when,
            ]);
            $this->lastMeasures = null;
        }
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

    /** @return array<string, array{typed: string, mm: float|null}> */
    private function lastMeasures(): array
    {
        if ($this->lastMeasures === null) {
            self::readAll([$this]);
        }

        return $this->lastMeasures ?? [];
    }

    private function mm(string $quantity): ?float
    {
        return $this->lastMeasures()[$quantity]['mm'] ?? null;
    }

    /**
     * @param array<string, array{typed: string, mm: float|null}> $measures
     *
     * @throws \Undro\DomainFault if they cannot be of one spool
     */
    private static function coreMeasures(array $measures, float $sd): Measures
    {
        $mm = static fn(string $quantity): ?float => $measures[$quantity]['mm'] ?? null;
        $diameter = static fn(?float $mm): ?Diameter => $mm === null ? null : Diameter::millimetres($mm);
        $traverse = $mm('traverse');

        return new Measures(
            $diameter($mm('lip_diameter')),
            $diameter($mm('arbor_diameter')),
            $diameter($mm('arbor_deep_diameter')),
            $traverse === null ? null : Length::millimetres($traverse),
            $sd,
        );
    }

    /** @return array{float, float} */
    private static function bounds(string $quantity): array
    {
        return in_array($quantity, ['bevel_depth', 'rated_gap'], true) ? [0.0, 30.0] : Bounds::SPOOL_MM;
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
        $rating->ratings();
        $rating->stamp === '' ? $this->rating()->delete() : $rating->save();
        $this->unsetRelation('rating');
    }

    private function measure(Input $measures, string $workings): void
    {
        foreach (self::QUANTITIES as $quantity) {
            if ($measures->mentions($quantity)) {
                $mm = $measures->optionalMillimetres($quantity, ...self::bounds($quantity))?->inMillimetres();
                $this->measured($quantity, trim($measures->text($quantity, 60)), $mm, $workings);
            }
        }
        // together they must be of one spool
        self::coreMeasures($this->lastMeasures(), $this->measured_with->sd());
    }
}
