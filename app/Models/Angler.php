<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Someone who winds and fishes: their pace, units and habits.
 *
 * @property int                    $id
 * @property string                 $name
 * @property float                  $pace_turns_per_min
 * @property string                 $unit_length
 * @property string                 $unit_small
 * @property string                 $unit_force
 * @property Collection<int, Habit> $habits
 */
final class Angler extends Model
{
    use OwnedByAccount;

    protected $guarded = [];

    /** @return HasMany<Habit, $this> */
    public function habits(): HasMany
    {
        return $this->hasMany(Habit::class);
    }

    public function hasHabit(string $question): bool
    {
        return $this->habits->firstWhere('question', $question)?->choice === 'yes';
    }
}
