<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Line\Material;
use Undro\Spool\Spool;
use Undro\Spool\Usual;
use Undro\Strip\Outcome;
use Undro\Units\Length;
use Undro\Units\Price;
use Undro\Units\Sentence;

/** What a spool needs, what can be done about it, and which of that to do. Source: handbook, chapter 6, the life of a fill. */
final readonly class Upkeep
{
    /** Less than this is not worth the winding. Ours. */
    private const LEAST_TOP_UP_M = 1.0;

    /** @param list<Option> $options */
    private function __construct(
        public State $state,
        public Wear $wear,
        public ?Level $level,
        public Remedy $pick,
        public Sentence $says,
        public array $options,
    ) {}

    /**
     * @param list<Layer>                $layers  on the spool, from the arbor out, all of known length
     * @param list<Layer>                $then    as it was filled; empty: not known
     * @param Price|null                 $main    of a metre of the main line
     * @param Price|null                 $backing of a metre of what lies under it
     */
    public static function of(
        Spool $spool,
        array $layers,
        array $then,
        Wear $wear,
        Length $wanted,
        ?float $gearRatio,
        ?Price $main,
        ?Price $backing,
        string $today,
    ): self {
        $level = Level::of(
            FillCalculator::solve($spool, null, $layers, $gearRatio),
            $then === [] ? null : FillCalculator::solve($spool, null, $then, $gearRatio),
            $wanted,
        );
        $state = $wear->state($today);
        if ($level?->low === true && !in_array($state, [State::Due, State::Turn], true)) {
            $state = State::Low;
        }
        $options = self::options($spool, $layers, $then, $wear, $level, $wanted, $main, $backing);
        [$pick, $says] = self::pick($state, $wear, $level, $layers, $options);

        return new self($state, $wear, $level, $pick, $says, $options);
    }

    /** How long an option takes to wind at a pace of handle turns a minute. */
    public function minutes(Option $option, float $pace): float
    {
        return $option->wound->inMetres() / ($this->level?->retrieve?->inMetres() ?? Usual::RETRIEVE_M) / $pace;
    }

    /**
     * @param list<Layer> $layers
     * @param list<Layer> $then
     *
     * @return list<Option>
     */
    private static function options(
        Spool $spool,
        array $layers,
        array $then,
        Wear $wear,
        ?Level $level,
        Length $wanted,
        ?Price $mainPrice,
        ?Price $backingPrice,
    ): array {
        $none = Length::metres(0);
        $main = $layers[count($layers) - 1];
        $length = $main->length ?? $none;
        $total = array_sum(array_map(static fn(Layer $layer): float => $layer->length?->inMetres() ?? 0.0, $layers));
        $ways = Outcome::all(Length::metres($total), $length, $worn = Outcome::usuallyWorn($main->line->material, $length));
        $rest = $length->inMetres() - $worn->inMetres();
        $reaches = $rest >= $wear->reach->inMetres();
        // new line as long as the old one was when it was wound
        $new = Length::metres(max($length->inMetres(), $then === [] ? 0.0 : $then[count($then) - 1]->length?->inMetres() ?? 0.0));
        $more = self::topUp($spool, $layers, $wanted);
        $turned = $ways[2];

        return [
            new Option(Remedy::Leave, $none, $none, $none, null, true, Sentence::of('Nothing is done; it is fished as it is.')),
            new Option(Remedy::CutBack, $worn, $none, $none, null, $reaches, $reaches
                ? Sentence::of(
                    '{0} of the worn end off: {1} of it stay, enough for a cast and a reserve of {2} together.',
                    $worn,
                    Length::metres($rest),
                    $wear->reach,
                )
                : Sentence::of(
                    'With {0} off, {1} would stay: less than a cast and a reserve, {2}.',
                    $worn,
                    Length::metres(max(0.0, $rest)),
                    $wear->reach,
                )),
            new Option(
                Remedy::TopUp,
                $none,
                $more ?? $none,
                $more === null ? $none : Length::metres(2 * $length->inMetres() + $more->inMetres()),
                $more === null || $backingPrice === null ? null : $backingPrice->times($more->inMetres()),
                $more !== null && $level !== null && $level->depth->inMillimetres() > $wanted->inMillimetres(),
                $more === null
                    ? Sentence::of(
                        count($layers) < 2 ? 'There is no backing under it to add to.' : 'The spool’s shape is not known well enough to '
                            . 'say how much is missing.',
                    )
                    : Sentence::of(
                        'Pull the main line, {0}, onto a carrier, add {1} to the backing, and wind it back: it then ends {2} under the '
                            . 'lip.',
                        $length,
                        $more,
                        $wanted,
                    ),
            ),
            new Option(
                Remedy::TurnOver,
                $none,
                $none,
                $turned->wound,
                null,
                true,
                Sentence::of(
                    'Over a carrier and back, {0} wound: the end from the arbor, which has not seen the water, comes out on top.',
                    $turned->wound,
                ),
            ),
            new Option(
                Remedy::Replace,
                $length,
                $new,
                Length::metres($length->inMetres() + $new->inMetres()),
                $mainPrice?->times($new->inMetres()),
                true,
                Sentence::of('The old main line off, {0} of new on; the backing stays.', $new),
            ),
        ];
    }

    /**
     * How much backing brings the line back up to the wanted level.
     *
     * @param list<Layer> $layers
     */
    private static function topUp(Spool $spool, array $layers, Length $wanted): ?Length
    {
        if (count($layers) < 2 || $spool->geometry === null) {
            return null;
        }
        $under = count($layers) - 2;
        $open = $layers;
        $open[$under] = Layer::open(Role::Backing, $layers[$under]->line);
        $solved = FillCalculator::solve($spool, $wanted, array_values($open))->solved;
        $more = ($solved?->band->middle->inMetres() ?? 0.0) - ($layers[$under]->length?->inMetres() ?? 0.0);

        return $more >= self::LEAST_TOP_UP_M ? Length::metres($more) : null;
    }

    /**
     * @param list<Layer>  $layers
     * @param list<Option> $options by remedy
     *
     * @return array{Remedy, Sentence}
     */
    private static function pick(State $state, Wear $wear, ?Level $level, array $layers, array $options): array
    {
        $main = $layers[count($layers) - 1];
        $can = static fn(Remedy $remedy): bool => array_values(
            array_filter($options, static fn(Option $option): bool => $option->remedy === $remedy && $option->fits),
        ) !== [];
        $short = ($main->length?->inMetres() ?? 0.0) < $wear->reach->inMetres();
        if ($state === State::Due) {
            return match (true) {
                $main->line->material === Material::Braid => [
                    Remedy::Replace,
                    Sentence::of(
                        'Past its limit with both ends fished: it is done. Sound metres of it still serve as another reel’s backing.',
                    ),
                ],
                $wear->ageMonths >= $wear->limits->months => [
                    Remedy::Replace,
                    Sentence::of('Past its age: sun and water have been at all of it, so cutting the end back does not help.'),
                ],
                $can(Remedy::CutBack) => [
                    Remedy::CutBack,
                    Sentence::of('Fished enough, but not old: the wear is at the outer end. Off with it, and look at the rest.'),
                ],
                default => [
                    Remedy::Replace,
                    Sentence::of('Fished enough, and what a cut would leave does not reach a cast and a reserve.'),
                ],
            };
        }
        if ($state === State::Turn) {
            return [Remedy::TurnOver, Sentence::of('Half its life is over: turned once, the unworn end fishes the other half.')];
        }
        if ($short && $state !== State::Fit) {
            return [
                Remedy::Replace,
                Sentence::of(
                    'What is left, {0}, does not reach a cast and a reserve, {1}.',
                    $main->length ?? Length::metres(0),
                    $wear->reach,
                ),
            ];
        }
        if ($level !== null && $level->low) {
            $deeper = Length::millimetres(max(0.0, $level->depth->inMillimetres() - $level->wanted->inMillimetres()));

            return $can(Remedy::TopUp)
                ? [Remedy::TopUp, Sentence::of('It stands {0} lower than it should: casts are shorter and a turn takes in less.', $deeper)]
                : [
                    Remedy::Replace,
                    Sentence::of(
                        'It stands {0} lower than it should, and there is no backing to add to: with new line, put some under it.',
                        $deeper,
                    ),
                ];
        }

        return $state === State::Soon
            ? [Remedy::Leave, Sentence::of('Good for now; it comes due before long.')]
            : [Remedy::Leave, Sentence::of('Nothing to do.')];
    }
}
