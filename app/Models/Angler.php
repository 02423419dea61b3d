<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Undro\Habit\Question;
use Undro\Line\Material;
use Undro\Upkeep\Limits;

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

    /** What a knot kept in a pull test, and whether it is tied well, are kept as habits under these. */
    public const TESTED = 'pull_test.';
    public const WELL = 'ties_well.';
    /** How long line may last, by material: months and outings. */
    public const LASTS = 'lasts.';

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

    /** @return array{tested: array<string, string>, well: list<string>} own pull tests by knot, as typed, and the knots tied well */
    public function knots(): array
    {
        $tested = [];
        $well = [];
        foreach ($this->habits as $habit) {
            if (str_starts_with($habit->question, self::TESTED) && $habit->choice !== '') {
                $tested[substr($habit->question, strlen(self::TESTED))] = $habit->choice;
            }
            if (str_starts_with($habit->question, self::WELL) && $habit->choice === 'yes') {
                $well[] = substr($habit->question, strlen(self::WELL));
            }
        }

        return ['tested' => $tested, 'well' => $well];
    }

    /** @return array<string, array{months: string, outings: string, usual_months: float, usual_outings: float}> how long line lasts: own figures as typed, and the usual ones, by material */
    public function limits(): array
    {
        $limits = [];
        foreach (Material::cases() as $material) {
            $usual = Limits::usual($material);
            $own = fn(string $figure): string => $this->habits->firstWhere('question', self::LASTS . "$material->value.$figure")->choice ?? '';
            $limits[$material->value] = ['months' => $own('months'), 'outings' => $own('outings'), 'usual_months' => $usual->months, 'usual_outings' => $usual->outings];
        }

        return $limits;
    }

    /** @return array<string, mixed> what of the angler a plan is asked with */
    public function ways(): array
    {
        return ['long_cast' => $this->hasHabit('long_cast'), 'beginner' => $this->hasHabit('beginner'), 'schools' => $this->schools()];
    }

    public function hasHabit(string $question): bool
    {
        return $this->habits->firstWhere('question', $question)?->choice === 'yes';
    }
}
