<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Undro\Habit\Question;

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
    use Versioned;

    protected $guarded = [];

    /** @return HasMany<Habit, $this> */
    public function habits(): HasMany
    {
        return $this->hasMany(Habit::class);
    }

    /** @return array<string, string> the angler's schools by question, without the two plain switches */
    public function schools(): array
    {
        $schools = [];
        foreach ($this->habits as $habit) {
            if (Question::tryFrom($habit->question) !== null) {
                $schools[$habit->question] = $habit->choice;
            }
        }

        return $schools;
    }

    public function hasHabit(string $question): bool
    {
        return $this->habits->firstWhere('question', $question)?->choice === 'yes';
    }
}
