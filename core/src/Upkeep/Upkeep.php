<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Fill\FillCalculator;
use Undro\Line\Material;
use Undro\Spool\Usual;
use Undro\Units\Length;
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
            Condition::of($wear->share, $worst),
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
            $wear === State::Due => State::Due,
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
                'Its end was lost on ' . substr($facts->lostOn, 0, 10) . ': draw the last metres through your fingers, cut back what '
                    . 'rubbed, and tie again.',
            );
        }
        foreach ($facts->found as $each) {
            if ($each->found === Finding::Coiled) {
                $also[] = Sentence::of('It was found coiled: soak it, or stretch it before the first cast. Its strength is not less '
                    . 'for it.');
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
            State::Due => self::pickWhenDue($facts, $can(Remedy::CutBack)),
            State::Short => [
                Remedy::Replace,
                Sentence::of('What is left, {0}, does not reach a cast and a reserve, {1}.', $facts->length(), $facts->wear->reach),
            ],
            State::Turn => [
                Remedy::TurnOver,
                Sentence::of('Half its life is over: turned once, the unworn end fishes the other half.'),
            ],
            State::Low => self::pickWhenLow($level ?? throw new \LogicException('Low by no level.'), $can(Remedy::TopUp)),
            State::Nicked, State::Soon, State::Fit => $worst === null
                ? [Remedy::Leave, Sentence::of($state === State::Soon ? 'Good for now; it comes due before long.' : 'Nothing to do.')]
                : self::pickWhenFound($facts->allAlong() ?? $worst, $can(Remedy::CutBack), $state),
        };
    }

    /** @return array{Remedy, Sentence} */
    private static function pickWhenDue(Facts $facts, bool $canCut): array
    {
        return match (true) {
            $facts->main()->line->material === Material::Braid => [
                Remedy::Replace,
                Sentence::of(
                    'Past its limit with both ends fished: it is done. Sound metres of it still serve as another reel’s backing.',
                ),
            ],
            $facts->wear->ageMonths >= $facts->wear->limits->months => [
                Remedy::Replace,
                Sentence::of('Past its age: sun and water have been at all of it, so cutting the end back does not help.'),
            ],
            $canCut => [
                Remedy::CutBack,
                Sentence::of('Fished enough, but not old: the wear is at the outer end. Off with it, and look at the rest.'),
            ],
            default => [
                Remedy::Replace,
                Sentence::of('Fished enough, and what a cut would leave does not reach a cast and a reserve.'),
            ],
        };
    }

    /** @return array{Remedy, Sentence} */
    private static function pickWhenLow(Level $level, bool $canTopUp): array
    {
        $deeper = Length::millimetres(max(0.0, $level->depth->inMillimetres() - $level->wanted->inMillimetres()));

        return $canTopUp
            ? [Remedy::TopUp, Sentence::of('It stands {0} lower than it should: casts are shorter and a turn takes in less.', $deeper)]
            : [
                Remedy::Replace,
                Sentence::of('It stands {0} lower than it should, and there is no backing to add to: with new line, put some under '
                    . 'it.', $deeper),
            ];
    }

    /** @return array{Remedy, Sentence} */
    private static function pickWhenFound(Inspection $worst, bool $canCut, State $state): array
    {
        $found = ucfirst($worst->found->value);
        if ($worst->from === null || $worst->to === null) {
            return $worst->found === Finding::Faded
                ? [Remedy::Leave, Sentence::of('Faded all along: it has lost a tenth of its strength, and the drag goes by that.')]
                : [Remedy::Replace, Sentence::of("$found all along: there is nothing to cut back to.")];
        }
        if ($worst->found === Finding::Faded && $state !== State::Nicked && !$canCut) {
            return [Remedy::Leave, Sentence::of('Faded as far as {0} off its end: the drag goes by that.', $worst->to)];
        }

        [$where, $figures] = $worst->from->inMetres() > 0
            ? ['from {0} to {1} off its end', [$worst->from, $worst->to]]
            : ['as far as {0} off its end', [$worst->to]];

        return $canCut
            ? [Remedy::CutBack, Sentence::of("$found $where: cut back past it.", ...$figures)]
            : [Remedy::Replace, Sentence::of("$found $where, and a cut past it would leave too little.", ...$figures)];
    }
}
