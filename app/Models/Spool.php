<?php

declare(strict_types=1);

namespace App\Models;

use App\Clock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Facades\DB;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\SpoolInput;
use Undro\Spool\Tolerance;
use Undro\Units\Moment;

/**
 * @property int                          $id
 * @property string                       $name
 * @property string                       $lip
 * @property string                       $lay
 * @property string                       $measured_with
 * @property bool                         $grips the arbor has a strip, a pin or a hole that holds the line
 * @property Rating|null                  $rating
 * @property Collection<int, Measurement> $measurements
 * @property Collection<int, Reel>        $reels
 */
final class Spool extends Model
{
    use OwnedByAccount;
    use Versioned;

    /** What can be measured on a spool, or, the last, where its stamp is taken to be full. */
    public const QUANTITIES = ['lip_diameter', 'arbor_diameter', 'arbor_deep_diameter', 'traverse', 'bevel_depth', 'rated_gap'];

    public $timestamps = false;
    protected $guarded = [];
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = ['archived_at' => null, 'lay' => 'normal', 'measured_with' => 'unknown', 'grips' => false, 'version' => 1];

    /** @var array<array-key, string>|null */
    private ?array $lastMeasures = null;

    protected $casts = ['grips' => 'boolean'];

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

    /** @return array<array-key, string> what was measured last, as typed, by quantity; empty where it was not */
    public function measures(): array
    {
        if ($this->lastMeasures === null) {
            self::readMeasures([$this]);
        }

        return $this->lastMeasures ?? [];
    }

    /** @return array<string, mixed> its figures as the calculators take them, each as typed */
    public function figures(): array
    {
        $is = $this->getAttributes();
        $stamp = ($this->rating?->getAttributes() ?? []) + ['stamped' => '', 'units' => null, 'material' => 'mono'];
        $measures = $this->measures();

        return [
            'ratings_text' => $stamp['stamped'],
            'ratings_units' => $stamp['units'],
            'ratings_material' => $stamp['material'],
            'lip_diameter_mm' => $measures['lip_diameter'],
            'arbor_diameter_mm' => $measures['arbor_diameter'],
            'arbor_deep_diameter_mm' => $measures['arbor_deep_diameter'],
            'traverse_mm' => $measures['traverse'],
            'lay' => $is['lay'],
            'rated_gap_mm' => $measures['rated_gap'],
            'measured_with' => $is['measured_with'],
        ];
    }

    /**
     * Reads the last measures of many spools at once.
     *
     * @param iterable<array-key, self> $spools
     */
    public static function readMeasures(iterable $spools): void
    {
        $byId = [];
        foreach ($spools as $spool) {
            $spool->lastMeasures = array_fill_keys(self::QUANTITIES, '');
            $byId[$spool->id] = $spool;
        }
        foreach (array_chunk(array_keys($byId), 500) as $ids) {
            /** @var object{spool_id: int, quantity: string, typed: string} $row */
            foreach (DB::table('measurements')->whereIntegerInRaw('spool_id', $ids)->orderBy('measured_at')->orderBy('id')->get(['spool_id', 'quantity', 'typed']) as $row) {
                $byId[$row->spool_id]->lastMeasures[$row->quantity] = $row->typed;
            }
        }
    }

    /** @throws \Undro\DomainFault naming the figure that cannot be */
    public function take(TypedFigures $figures): void
    {
        $this->fill($figures->words(['name', 'lip', 'lay', 'measured_with']));
        $grips = $figures->flag('grips');
        if ($grips !== null) {
            $this->grips = $grips;
        }
        $archived = $figures->flag('archived');
        if ($archived !== null) {
            $this->setArchived($archived);
        }
        $this->save();
        if ($figures->has('stamp')) {
            $this->stamp($figures);
        }
        if ($figures->in->has('measures')) {
            $this->measure($figures->in->object('measures'), $figures->text('workings'));
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
                'how' => $this->measured_with,
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

    /** @return array{float, float} */
    private static function bounds(string $quantity): array
    {
        return in_array($quantity, ['bevel_depth', 'rated_gap'], true) ? [0.0, 30.0] : Bounds::SPOOL_MM;
    }

    private function stamp(TypedFigures $figures): void
    {
        $stamped = $figures->text('stamp');
        $material = $figures->has('stamp_material') ? $figures->text('stamp_material') : ($this->rating->material ?? 'mono');
        $units = $figures->has('stamp_units') ? ($figures->text('stamp_units') ?: null) : $this->rating?->units;
        // refused here if it cannot be read, so that nothing unreadable is kept
        SpoolInput::ratings(Input::of(['ratings_text' => $stamped, 'ratings_material' => $material, 'ratings_units' => $units]));
        if ($stamped === '') {
            $this->rating()->delete();
        } else {
            $this->rating()->updateOrCreate([], ['stamped' => $stamped, 'units' => $units, 'material' => $material]);
        }
        $this->unsetRelation('rating');
    }

    private function measure(Input $measures, string $workings): void
    {
        foreach (self::QUANTITIES as $quantity) {
            if ($measures->mentions($quantity)) {
                $this->measured($quantity, trim($measures->text($quantity, 60)), $measures->optionalMillimetres($quantity, ...self::bounds($quantity))?->inMillimetres(), $workings);
            }
        }
        $now = $this->measures();
        SpoolInput::measures(Input::of([
            'lip_diameter_mm' => $now['lip_diameter'],
            'arbor_diameter_mm' => $now['arbor_diameter'],
            'arbor_deep_diameter_mm' => $now['arbor_deep_diameter'],
            'traverse_mm' => $now['traverse'],
        ]), Tolerance::GEOMETRY);
    }
}
