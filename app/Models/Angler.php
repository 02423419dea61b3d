<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Undro\Habit\Habits;
use Undro\Habit\Question;
use Undro\Input\Input;
use Undro\Join\PullTest;
use Undro\Json\LessonJson;
use Undro\Knot\Knot;
use Undro\Line\Material;
use Undro\Units\Typed;
use Undro\Upkeep\Limits;

/**
 * Someone who winds and fishes: their pace, units and habits.
 *
 * @phpstan-import-type Practised from LessonJson
 *
 * @property int                    $id
 * @property string                 $name
 * @property float                  $pace_turns_per_min
 * @property string                 $unit_length
 * @property string                 $unit_small
 * @property string                 $unit_force
 * @property string                 $unit_money  of prices that say no currency; empty: none
 * @property Collection<int, Habit> $habits
 * @property list<Practised> $practised oldest first
 */
final class Angler extends Record
{
    /** What the first is called until somebody says. */
    public const NAMELESS = 'Me';
    /** Habits that are plainly so or not. */
    public const SWITCHES = ['long_cast', 'beginner'];
    public const UNITS = ['length', 'small', 'force', 'money'];
    /** What a knot kept in a pull test, and whether it is tied well, are kept as habits under these. */
    private const TESTED = 'pull_test.';
    private const WELL = 'ties_well.';
    /** How long line may last, by material: months and outings, with their bounds. */
    private const LASTS = 'lasts.';
    private const LIMITS = ['months' => [0.5, 600.0], 'outings' => [1.0, 10_000.0]];

    public $timestamps = true;
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = ['unit_money' => '', 'practised' => '[]'];
    protected $casts = ['practised' => 'array'];
    /** So many lessons are kept, the latest. */
    public const MOST_PRACTISED = 300;

    /** @return HasMany<Habit, $this> */
    public function habits(): HasMany
    {
        return $this->hasMany(Habit::class);
    }

    /** How the disputed questions are answered. @throws \Undro\DomainFault if a school is kept that there is not */
    public function ownHabits(): Habits
    {
        return Habits::of($this->schools());
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
        return $this->answer($question) === 'yes';
    }

    /** @return array<string, string> own pull tests by knot, as typed */
    public function pullTests(): array
    {
        return array_filter($this->answers(self::TESTED), static fn(string $typed): bool => $typed !== '');
    }

    /** @return list<string> the knots that are tied well */
    public function knotsTiedWell(): array
    {
        return array_keys($this->answers(self::WELL), 'yes', true);
    }

    /** How long a line lasts by the angler's own figures. */
    public function limits(Material $material): Limits
    {
        $own = array_map(static fn(string $typed): ?float => $typed === '' ? null : Typed::number($typed), $this->typedLimits($material));

        return Limits::usual($material)->own($own['months'], $own['outings']);
    }

    /** @return array{months: string, outings: string} own figures as typed, empty where there is none */
    public function typedLimits(Material $material): array
    {
        return [
            'months' => $this->answer(self::LASTS . "$material->value.months"),
            'outings' => $this->answer(self::LASTS . "$material->value.outings"),
        ];
    }

    /** @return array<string, string> choices by what follows the prefix */
    private function answers(string $prefix): array
    {
        $answers = [];
        foreach ($this->habits as $habit) {
            if (str_starts_with($habit->question, $prefix)) {
                $answers[substr($habit->question, strlen($prefix))] = $habit->choice;
            }
        }

        return $answers;
    }

    /**
     * What was practised, now; no change of the record that two windows could both make.
     *
     * @param array<int, Practised> $practised oldest first
     */
    public function practise(array $practised): void
    {
        $this->practised = array_slice(array_values($practised), -self::MOST_PRACTISED);
        $this->save();
    }

    public function setHabit(string $question, string $choice): void
    {
        $this->habits()->updateOrCreate(['question' => $question], ['choice' => $choice]);
    }

    protected function read(TypedFigures $figures): void
    {
        $this->fill($figures->words(['name']));
        $pace = $figures->in->optionalNumber('pace_turns_per_min', 0, 1000);
        if ($pace !== null) {
            $this->pace_turns_per_min = $pace;
        }
        $units = self::part($figures, 'units');
        foreach (self::UNITS as $unit) {
            if ($units->has($unit)) {
                $this->setAttribute("unit_$unit", $units->text($unit, 10));
            }
        }
    }

    protected function readParts(TypedFigures $figures): void
    {
        $habits = self::part($figures, 'habits');
        foreach (self::SWITCHES as $question) {
            if ($habits->has($question)) {
                $this->setHabit($question, $habits->boolean($question) ? 'yes' : 'no');
            }
        }
        $schools = $habits->words('schools', 20);
        // an unknown question or school is refused before anything is kept
        Habits::of($schools);
        foreach ($schools as $question => $school) {
            $this->setHabit($question, $school);
        }
        $this->readKnots(self::part($figures, 'knots'));
        $limits = self::part($figures, 'limits');
        foreach (Material::cases() as $material) {
            $of = $limits->has($material->value) ? $limits->object($material->value) : Input::of([]);
            foreach (self::LIMITS as $figure => $bounds) {
                if ($of->has($figure)) {
                    $of->optionalNumber($figure, ...$bounds);
                    $this->setHabit(self::LASTS . "$material->value.$figure", trim($of->text($figure, 40)));
                }
            }
        }
    }

    private function readKnots(Input $knots): void
    {
        $well = $knots->has('well') ? $knots->texts('well', 0, 40, 40) : null;
        $tested = $knots->words('tested', 40);
        foreach (Knot::cases() as $knot) {
            if (isset($tested[$knot->value])) {
                $typed = trim($tested[$knot->value]);
                $typed === '' || PullTest::read($knot, $typed);
                $this->setHabit(self::TESTED . $knot->value, $typed);
            }
            if ($well !== null) {
                $this->setHabit(self::WELL . $knot->value, in_array($knot->value, $well, true) ? 'yes' : 'no');
            }
        }
    }

    private static function part(TypedFigures $figures, string $key): Input
    {
        return $figures->in->has($key) ? $figures->in->object($key) : Input::of([]);
    }

    private function answer(string $question): string
    {
        return $this->habits->firstWhere('question', $question)->choice ?? '';
    }
}
