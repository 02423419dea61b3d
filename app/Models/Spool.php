<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * @property int                          $id
 * @property string                       $name
 * @property string                       $lip
 * @property string                       $lay
 * @property string                       $measured_with
 * @property Rating|null                  $rating
 * @property Collection<int, Measurement> $measurements
 * @property Collection<int, Reel>        $reels
 */
final class Spool extends Model
{
    use OwnedByAccount;

    /** What can be measured on a spool, or, the last, where its stamp is taken to be full. */
    public const QUANTITIES = ['lip_diameter', 'arbor_diameter', 'arbor_deep_diameter', 'traverse', 'bevel_depth', 'rated_gap'];

    protected $guarded = [];

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

    /** @return array<string, string> what was measured last, as typed; empty where it was not */
    public function measures(): array
    {
        $typed = array_fill_keys(self::QUANTITIES, '');
        foreach ($this->measurements as $measurement) {
            $typed[$measurement->quantity] = $measurement->typed;
        }

        return $typed;
    }

    /** A new dated fact, where it differs from the last one. */
    public function measured(string $quantity, string $typed, ?float $millimetres): void
    {
        if ($this->measures()[$quantity] !== $typed) {
            $this->measurements()->create([
                'quantity' => $quantity,
                'typed' => $typed,
                'value_mm' => $millimetres,
                'how' => $this->measured_with,
                'measured_at' => Carbon::now(),
            ]);
            $this->unsetRelation('measurements');
        }
    }
}
