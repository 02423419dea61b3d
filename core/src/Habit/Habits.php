<?php

declare(strict_types=1);

namespace Undro\Habit;

use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Twist\Feed;
use Undro\Twist\Hold;

/** How one angler answers the disputed questions. What is not answered is as Undro picks. */
final readonly class Habits
{
    /** Braid thicker than this asks for a glove. Source: handbook, chapter 1. */
    private const GLOVE_MM = 0.25;
    /** What the schools begin with that set the drag by the label. */
    private const LABEL = 'label_';

    /** @param array<string, string> $schools school by question */
    private function __construct(private array $schools) {}

    /**
     * @param array<string, string> $schools school by question
     *
     * @throws BadHabit naming the question or school there is not
     */
    public static function of(array $schools): self
    {
        foreach ($schools as $question => $school) {
            $asked = Question::tryFrom($question) ?? throw BadHabit::noQuestion($question);
            $known = array_map(static fn(School $each): string => $each->id, $asked->schools());
            in_array($school, $known, true) || throw BadHabit::noSchool($asked, $school, $known);
        }

        return new self($schools);
    }

    /** The id of the school that is kept to, or of the pick. */
    public function school(Question $question): string
    {
        return $this->schools[$question->value] ?? $question->pick()[0];
    }

    /** Whether the angler keeps to another school than Undro. */
    public function departs(Question $question): bool
    {
        return $this->school($question) !== $question->pick()[0];
    }

    /** The school in a few words. */
    public function words(Question $question): string
    {
        foreach ($question->schools() as $school) {
            if ($school->id === $this->school($question)) {
                return $school->words;
            }
        }

        return '';
    }

    /** What goes under braid. */
    public function backing(): BackingSchool
    {
        return BackingSchool::from($this->school(Question::Backing));
    }

    /** Where a spool counts as full. */
    public function full(): FullMeans
    {
        return FullMeans::from($this->school(Question::Full));
    }

    /** The share of the main line's label that the drag is set to; null: it is a share of the weakest link. Source: handbook, chapter 5. */
    public function labelShare(): ?float
    {
        $school = $this->school(Question::Drag);

        return str_starts_with($school, self::LABEL) ? (float) substr($school, strlen(self::LABEL)) : null;
    }

    /**
     * The share of the weakest link that the drag is set to, at most all of it; null: by the fishing.
     *
     * @param float $weakest what the weakest link holds, as a share of the main line's label
     */
    public function dragFraction(float $weakest): ?float
    {
        $label = $this->labelShare();
        $school = $this->school(Question::Drag);

        return match (true) {
            $label !== null => min(1.0, $label / $weakest),
            $school === 'rule' => null,
            default => (float) $school,
        };
    }

    /** How the filler is held: what brakes it decides first, and a baitcaster takes an axle whatever the habit. */
    public function hold(ReelKind $reel): Hold
    {
        return match ($this->school(Question::Tension)) {
            'clamp' => Hold::Clamp,
            'water' => Hold::Bucket,
            'helper' => Hold::Nail,
            default => match ($this->school(Question::FillerHold)) {
                'bag' => Hold::Bag,
                'axle' => Hold::Box,
                default => $reel->hasFixedSpool() ? Hold::Floor : Hold::Box,
            },
        };
    }

    /** How long a filler spool of this is soaked before it is wound, s; 0: not at all. Source: handbook, chapter 1, "Soak". */
    public function soakSeconds(Material $material): int
    {
        return match (true) {
            $this->school(Question::Soak) !== 'before' || $material === Material::Braid => 0,
            $material !== Material::Fluoro => 480,
            $this->soaksCool($material) => 600,
            default => 50,
        };
    }

    /** Fluorocarbon in cool water for long, in place of hot water for a minute. */
    public function soaksCool(Material $material): bool
    {
        return $material === Material::Fluoro && $this->school(Question::FluoroSoak) === 'cool';
    }

    /**
     * What holds the line tight, by the line where that is the habit: fingers, cloth, glove, book, or what holds the filler does it.
     *
     * @return 'fingers'|'cloth'|'glove'|'book'|'hold'
     */
    public function grip(Line $line): string
    {
        $braid = $line->material === Material::Braid;
        $safe = !$braid ? 'fingers' : ($line->diameter->inMillimetres() > self::GLOVE_MM ? 'glove' : 'cloth');

        return match ($this->school(Question::Tension)) {
            'by_line', 'fingers' => $safe,
            'cloth' => $safe === 'glove' ? 'glove' : 'cloth',
            'glove' => 'glove',
            'book' => 'book',
            default => 'hold',
        };
    }

    /**
     * How this line is wound on this kind of reel, in the order of the work. A habit that cannot be kept here is left, and said.
     *
     * @return list<Advice>
     */
    public function winding(ReelKind $reel, Line $line): array
    {
        $braid = $line->material === Material::Braid;
        $advice = [];
        $advice[] = match (true) {
            $reel === ReelKind::Baitcasting && $this->school(Question::FillerHold) === 'flat' => Advice::departing(
                Question::FillerHold,
                'Put the filler spool on an axle, facing you, with line coming off its top.',
                'You usually lay it flat. Over its end, every coil would twist a baitcaster’s line.',
            ),
            $this->hold($reel)->feed() === Feed::Rotating => Advice::of(
                Question::FillerHold,
                sprintf(
                    '%s%s; keep it from running on.',
                    $this->hold($reel)->place(),
                    $reel === ReelKind::Baitcasting ? ', line off its top as it faces you' : ', line off its bottom as it faces you',
                ),
            ),
            default => Advice::of(Question::FillerHold, 'Lay the filler spool flat on the floor, or put it on an axle.'),
        };
        if ($this->hold($reel)->feed() === Feed::OverEnd) {
            $way = $this->school(Question::FillerWay);
            $advice[] = $way === 'look'
                ? Advice::of(Question::FillerWay, 'Place the filler spool so that line comes off in the direction the rotor turns, seen '
                    . 'from where you sit.')
                : Advice::of(
                    Question::FillerWay,
                    sprintf(
                        'Start with the %s and do the slack test after ten turns. If loops spring up, check which way rotor and line turn.',
                        $way === 'label_up' ? 'label up' : 'label down',
                    ),
                );
        }
        $advice[] = $this->soak($braid, $line->material);
        $advice[] = Advice::of(Question::Guides, match (true) {
            $reel === ReelKind::Spincast => 'Take the nose cone off. Thread the line through all guides from the tip down, then through '
                . 'the nose cone from the front.',
            $this->school(Question::Guides) === 'butt' => 'Thread the line through the butt guide only. Pull it through all guides for '
                . 'the slack test.',
            $reel === ReelKind::Baitcasting => 'Thread the line through all guides from the tip down, then through the level-wind.',
            default => 'Thread the line through all guides from the tip down. Open the bail before you tie.',
        });
        $advice[] = $this->tension($line);
        $advice[] = $this->leader($braid);
        $advice[] = $this->lineLife($line->material);

        return $advice;
    }

    private function leader(bool $braid): Advice
    {
        return match ($this->school(Question::Leader)) {
            'short' => Advice::of(Question::Leader, 'Leader: short, with its knot outside the rod tip when you cast.'),
            'rod' => Advice::of(Question::Leader, 'Leader: about a rod’s length, with its knot in the guides when you cast, never on the spool.'),
            default => Advice::of(Question::Leader, $braid
                ? 'Leader: use one, because fish see braid and rubbing damages it. Its knot must not be on the spool when you cast.'
                : 'Leader: only against rocks or teeth. Its knot must not be on the spool when you cast.'),
        };
    }

    /** Source of the rule's figures: handbook, chapter 6, the life of a fill. */
    private function lineLife(Material $material): Advice
    {
        if ($material === Material::Braid && in_array($this->school(Question::LineLife), ['season', 'months'], true)) {
            return Advice::departing(
                Question::LineLife,
                'Due: reverse the braid when its outer half is worn. Braid lasts for years.',
                'You usually replace line by the calendar, but braid doesn’t need that.',
            );
        }

        return Advice::of(Question::LineLife, match ($this->school(Question::LineLife)) {
            'season' => 'Due: new line next season.',
            'months' => 'Due: in 12 to 18 months.',
            'two_years' => 'Due: in two years, if you keep it cool, dark and dry.',
            'never' => $material === Material::Braid
                ? 'Due: never. Reverse the braid when its outer half is worn.'
                : 'Due: in 12 months or 40 trips. Only braid lasts longer.',
            default => match ($material) {
                Material::Mono, Material::Hybrid => 'Due: in 12 months or 40 trips, a third sooner in heavy sun or over rough ground.',
                Material::Fluoro => 'Due: in 18 months or 50 trips, a third sooner in heavy sun or over rough ground.',
                Material::Braid => 'Due: in 36 months or 120 trips. Reverse the braid halfway.',
            },
        });
    }

    private function soak(bool $braid, Material $material): Advice
    {
        $school = $this->school(Question::Soak);
        if ($braid) {
            $wet = 'Wet the braid as you wind, so that it packs tightly.';

            return in_array($school, ['before', 'after'], true) && $this->departs(Question::Soak)
                ? Advice::departing(Question::Soak, $wet, 'You usually soak line, but braid doesn’t benefit.')
                : Advice::of(Question::Soak, $wet);
        }

        return Advice::of(Question::Soak, match ($school) {
            'after' => 'Soak the filled spool for about 15 minutes afterwards. Take bearings and washers out first.',
            'conditioner' => 'Wipe line conditioner on as you wind.',
            'none' => 'Wind the line dry, as it comes off the filler spool.',
            default => $this->soaksCool($material) ? 'Soak the filler spool in cool water first, for about ten minutes.' : sprintf(
                'Soak the filler spool in hand-hot water first, for %s. Never use boiling water, and keep it out of children’s reach.',
                $material === Material::Fluoro ? 'under a minute' : 'five to ten minutes',
            ),
        });
    }

    private function tension(Line $line): Advice
    {
        $school = $this->school(Question::Tension);
        $grip = $this->grip($line);
        $firm = 'firm all the way. The finished spool must not yield under your thumb.';
        $words = match ($grip) {
            'fingers' => "Hold it between your fingers, $firm",
            'cloth' => "Hold it through a damp cloth, $firm",
            'glove' => "Hold it through a glove, $firm",
            'book' => "Run it through a weighted book, $firm",
            'hold' => match ($school) {
                'clamp' => 'Set the spool clamp so that the line goes on firm.',
                'water' => 'Put the filler spool in a bowl of water, and keep a finger on the line too.',
                default => 'A helper brakes the filler spool, with a card between thumb and line.',
            },
        };

        return match (true) {
            $school === 'fingers' && $grip !== 'fingers' => Advice::departing(
                Question::Tension,
                $words,
                'You usually use bare fingers, but braid under load cuts skin.',
            ),
            $school === 'cloth' && $grip !== 'cloth' => Advice::departing(
                Question::Tension,
                $words,
                'You usually use a cloth, but braid this thick cuts through it under load.',
            ),
            default => Advice::of(Question::Tension, $words),
        };
    }
}
