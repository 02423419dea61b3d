<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Fill\FillCalculator;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Spool\Usual;
use Undro\Units\Length;
use Undro\Units\Moment;
use Undro\Units\Sentence;

/** What a spool needs, what can be done about it, and which of that to do. Source: handbook, chapter 6, the life of a fill. */
final readonly class Upkeep
{
    /**
     * @param string           $dueOn    ISO date: today where it is due now whatever the calendar says
     * @param int              $daysLeft until then; below 0: since
     * @param list<Option>     $options  of every remedy one
     * @param list<Sentence>   $also     what else there is to mind
     * @param list<Inspection> $found    on the main line, the worst first
     */
    private function __construct(
        public State $state,
        public Wear $wear,
        public Condition $condition,
        public ?Level $level,
        public string $dueOn,
        public int $daysLeft,
        public Remedy $pick,
        public Sentence $says,
        public array $options,
        public array $also,
        public array $found,
    ) {}

    /** @param string $today ISO 8601 */
    public static function of(Facts $facts, string $today): self
    {
        $level = Level::of(
            $facts->reel,
            FillCalculator::solve($facts->spool, null, $facts->layers, $facts->gearRatio),
            $facts->then === [] ? null : FillCalculator::solve($facts->spool, null, $facts->then, $facts->gearRatio),
            $facts->wanted,
        );
        $worst = $facts->worst();
        $state = self::state($facts, $level, $worst, $today);
        $options = Remedies::of($facts, $level);
        [$pick, $says] = self::pick($state, $facts, $level, $worst, $options);
        $wear = $facts->wear;
        $now = $state->calls() && $wear->daysLeft > 0;

        return new self(
            $state,
            $wear,
            Condition::of($wear->share, $worst, $facts->main()->line->material),
            $level,
            $now ? substr($today, 0, 10) : $wear->dueOn,
            $now ? 0 : $wear->daysLeft,
            $pick,
            $says,
            $options,
            self::also($facts),
            $facts->found,
        );
    }

    /** What one remedy comes to here. */
    public function option(Remedy $remedy): Option
    {
        return self::among($this->options, $remedy);
    }

    /** How long an option takes to wind at a pace of handle turns a minute. */
    public function minutes(Option $option, float $pace): float
    {
        return ($option->turns ?? $option->wound->inMetres() / ($this->level?->retrieve?->inMetres() ?? Usual::RETRIEVE_M)) / $pace;
    }

    /** @param list<Option> $options of every remedy one */
    private static function among(array $options, Remedy $remedy): Option
    {
        foreach ($options as $option) {
            if ($option->remedy === $remedy) {
                return $option;
            }
        }
        throw new \LogicException("No word on {$remedy->value}.");
    }

    private static function state(Facts $facts, ?Level $level, ?Inspection $worst, string $today): State
    {
        $wear = $facts->wear->state($today);

        return match (true) {
            $wear === State::Due, $facts->allAlong() !== null, $worst?->found === Finding::Faded => State::Due,
            $worst?->found === Finding::Nicked => State::Nicked,
            $facts->short() => State::Short,
            $wear === State::Turn => State::Turn,
            $level?->low === true => State::Low,
            $worst?->found === Finding::Rough => State::Soon,
            default => $wear,
        };
    }

    /** @return list<Sentence> */
    private static function also(Facts $facts): array
    {
        $also = [];
        if ($facts->lostOn !== null) {
            $also[] = Sentence::of(
                'The end was lost on ' . Moment::written($facts->lostOn) . '. Draw the last metres through your fingers, cut back what '
                    . 'feels rough, and tie again.',
            );
        }
        foreach ($facts->found as $each) {
            if ($each->found === Finding::Coiled) {
                $also[] = Sentence::of('The line was coiled. Soak it or stretch it before the first cast. It has lost no strength.');
                break;
            }
        }
        $material = $facts->main()->line->material;
        foreach ($facts->found as $each) {
            if ($each->found === Finding::Faded && $material === Material::Braid) {
                $also[] = Sentence::of('Pale braid has lost no strength. Look for fuzz, and cut back past it.');
                break;
            }
        }

        return $also;
    }

    /**
     * @param list<Option> $options
     *
     * @return array{Remedy, Sentence}
     */
    private static function pick(State $state, Facts $facts, ?Level $level, ?Inspection $worst, array $options): array
    {
        $can = static fn(Remedy $remedy): bool => self::among($options, $remedy)->fits;

        return match ($state) {
            State::Due => match (true) {
                $facts->allAlong() !== null => self::pickWhenBadAllAlong($facts, $facts->allAlong(), $can(Remedy::TurnOver)),
                $worst?->found === Finding::Faded => self::pickWhenFaded($facts, $worst, $can(Remedy::CutBack)),
                default => self::pickWhenDue($facts, $can(Remedy::CutBack), $can(Remedy::TurnOver)),
            },
            State::Short => [
                Remedy::Replace,
                Sentence::of('Only {0} is left. A cast and a reserve need {1}.', $facts->length(), $facts->wear->reach),
            ],
            State::Turn => [
                Remedy::TurnOver,
                Sentence::of('Half of the line’s life is over. Reverse it once, and the unworn end fishes the other half.'),
            ],
            State::Low => self::pickWhenLow($facts, $level ?? throw new \LogicException('Low by no level.'), $can(Remedy::TopUp)),
            State::Nicked, State::Soon, State::Fit => $worst === null
                ? [Remedy::Leave, Sentence::of($state === State::Soon ? 'Good for now. It is due soon.' : 'Nothing to do.')]
                : self::pickWhenFound($worst, $can(Remedy::CutBack)),
        };
    }

    /** @return array{Remedy, Sentence} */
    private static function pickWhenDue(Facts $facts, bool $canCut, bool $canTurn): array
    {
        return match (true) {
            $facts->main()->line->material === Material::Braid && $canTurn => [
                Remedy::TurnOver,
                Sentence::of('The outer end of the braid is past its limit. Reverse it once, and the unworn end fishes on.'),
            ],
            $facts->main()->line->material === Material::Braid => [
                Remedy::Replace,
                Sentence::of(
                    ($facts->turned === null ? 'The braid is past its limit. ' : 'Both ends have been fished past their limit. ')
                        . 'Replace the braid. Sound metres of it still serve as backing on another reel.',
                ),
            ],
            $facts->wear->isPastAge() => [
                Remedy::Replace,
                Sentence::of('The line is past its age. Sun and water have reached all of it, so cutting back does not help.'),
            ],
            $canCut => [
                Remedy::CutBack,
                Sentence::of('The outer end is worn. Cut it off, then check the rest.'),
            ],
            default => [
                Remedy::Replace,
                Sentence::of('The line is worn. Cutting off the worn end would leave too little for a cast and a reserve.'),
            ],
        };
    }

    /** @return array{Remedy, Sentence} */
    private static function pickWhenLow(Facts $facts, Level $level, bool $canTopUp): array
    {
        $deeper = Length::millimetres(max(0.0, $level->depth->inMillimetres() - $level->wanted->inMillimetres()));

        return match (true) {
            !$canTopUp => [Remedy::Replace, Sentence::of('The line is {0} too low, and adding backing does not bring it up.', $deeper)],
            $level->drop > Level::LOW_RETRIEVE => [
                Remedy::TopUp,
                Sentence::of(sprintf(
                    'The line is {0} too low%s. A handle turn brings in %.0f %% less line than when the spool was filled.',
                    count($facts->layers) > 1 ? '' : ', with no backing under it',
                    100 * ($level->drop ?? 0.0),
                ), $deeper),
            ],
            count($facts->layers) > 1 => [
                Remedy::TopUp,
                Sentence::of($facts->reel === ReelKind::Baitcasting
                    ? 'The line is {0} too low. You lose line per turn.'
                    : 'The line is {0} too low. You lose casting distance and line per turn.', $deeper),
            ],
            default => [
                Remedy::TopUp,
                Sentence::of('The line is {0} too low, with no backing under it. Put backing under it, and the same line fishes on.', $deeper),
            ],
        };
    }

    /**
     * Rough or nicked from end to end: nothing sound is left to cut back to.
     *
     * @return array{Remedy, Sentence}
     */
    private static function pickWhenBadAllAlong(Facts $facts, Inspection $found, bool $canTurn): array
    {
        $words = ucfirst($found->found->value);

        return $facts->main()->line->material === Material::Braid && $found->found === Finding::Rough && $canTurn
            ? [Remedy::TurnOver, Sentence::of('Rough all along. Reverse the braid if its inner half is smooth. Replace it if not.')]
            : [Remedy::Replace, Sentence::of("$words all along. There is no sound end to cut back to.")];
    }

    /**
     * Mono and hybrid that have faded: sun has been at them.
     *
     * @return array{Remedy, Sentence}
     */
    private static function pickWhenFaded(Facts $facts, Inspection $found, bool $canCut): array
    {
        return $found->to !== null && $canCut && !$facts->wear->isPastAge()
            ? [Remedy::CutBack, Sentence::of('Faded up to {0} from the end. Cut back past it.', $found->to)]
            : [Remedy::Replace, Sentence::of('The line is faded: sun has weakened it.')];
    }

    /** @return array{Remedy, Sentence} */
    private static function pickWhenFound(Inspection $worst, bool $canCut): array
    {
        $found = ucfirst($worst->found->value);
        if ($worst->from === null || $worst->to === null) {
            return [Remedy::Replace, Sentence::of("$found all along. There is no sound end to cut back to.")];
        }

        [$where, $figures] = $worst->from->inMetres() > 0
            ? ['between {0} and {1} from the end', [$worst->from, $worst->to]]
            : ['up to {0} from the end', [$worst->to]];

        return $canCut
            ? [Remedy::CutBack, Sentence::of("$found $where. Cut back past it.", ...$figures)]
            : [Remedy::Replace, Sentence::of("$found $where. A cut past it would leave too little.", ...$figures)];
    }
}
