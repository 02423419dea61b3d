<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Fill\Level as FullLevel;
use Undro\Fill\Role;
use Undro\Line\Material;
use Undro\Strip\Outcome;
use Undro\Strip\Removal;
use Undro\Units\Length;
use Undro\Units\Moment;
use Undro\Units\Sentence;

/** What can be done about the line on a spool, and what each comes to. Source: handbook, chapter 6, the life of a fill. */
final class Remedies
{
    /** Less than this is not worth the winding. Ours. */
    private const LEAST_TOP_UP_M = 1.0;
    /** So far beyond a bad place it is cut. Ours. */
    public const PAST_M = 1.0;

    /** @return non-empty-list<Option> */
    public static function of(Facts $facts, ?Level $level): array
    {
        $none = Length::metres(0);

        return [
            new Option(Remedy::Leave, $none, $none, $none, null, true, Sentence::of('Do nothing and fish it as it is.')),
            self::cutBack($facts),
            self::topUp($facts, $level),
            self::turnOver($facts),
            self::replace($facts),
        ];
    }

    private static function cutBack(Facts $facts): Option
    {
        $none = Length::metres(0);
        $all = $facts->allAlong();
        if ($all !== null) {
            return self::cannot(Remedy::CutBack, Sentence::of(ucfirst($all->found->value) . ' all along. There is no sound end to cut back to.'));
        }
        $gone = self::weakAllAlong($facts);
        if ($gone !== null) {
            return self::cannot(Remedy::CutBack, $gone);
        }
        $worn = $facts->worn();
        $rest = Length::metres(max(0.0, $facts->length()->inMetres() - $worn->inMetres()));
        $reaches = $rest->inMetres() >= $facts->wear->reach->inMetres();

        return new Option(Remedy::CutBack, $worn, $none, $none, null, $reaches, $reaches
            ? Sentence::of(
                'Cut {0} off the outer end. {1} stays on, enough for a cast and a reserve ({2}).',
                $worn,
                $rest,
                $facts->wear->reach,
            )
            : Sentence::of('Cutting off {0} would leave {1}, less than a cast and a reserve ({2}).', $worn, $rest, $facts->wear->reach));
    }

    /** Why no end of the line is better than the other; null: one may be. Braid keeps its strength as it ages and pales. */
    private static function weakAllAlong(Facts $facts): ?Sentence
    {
        $worst = $facts->worst();

        return match (true) {
            $facts->main()->line->material === Material::Braid => null,
            $facts->wear->isPastAge() => Sentence::of('The line is past its age. Sun and water have reached all of it.'),
            $worst?->found === Finding::Faded && $worst->to === null => Sentence::of('The line is faded all along. Sun has weakened all of it.'),
            default => null,
        };
    }

    private static function topUp(Facts $facts, ?Level $level): Option
    {
        $none = Length::metres(0);
        $main = $facts->length();
        if ($level === null) {
            return self::cannot(Remedy::TopUp, Sentence::of('Undro doesn’t know the spool’s shape well enough to say how much is missing. '
                . 'Measure the lip, the arbor and the width.'));
        }
        $more = self::missing($facts);
        if ($more < self::LEAST_TOP_UP_M) {
            return self::cannot(
                Remedy::TopUp,
                Sentence::of('The line is {0} below the lip, and full is {1}. There is nothing to add.', $level->depth, $level->wanted),
            );
        }
        $add = Length::metres($more);

        return new Option(
            Remedy::TopUp,
            $none,
            $add,
            Length::metres(2 * $main->inMetres() + $more),
            $facts->backingPrice?->times($more),
            true,
            count($facts->layers) > 1
                ? Sentence::of(
                    'Wind the main line ({0}) onto a spare spool, add {1} of backing, and wind the main line back. It then ends {2} below the lip.',
                    $main,
                    $add,
                    $facts->wanted,
                )
                : Sentence::of(
                    "Wind the main line ({0}) onto a spare spool and wind on {1} of {3} {$facts->backingLine()->material->word()} as backing. Tie "
                        . 'the main line to it and wind it back. It then ends {2} below the lip.',
                    $main,
                    $add,
                    $facts->wanted,
                    $facts->backingLine()->diameter,
                ),
        );
    }

    /** How much backing brings the line back up to the wanted level, m; below 0: it stands over it. */
    private static function missing(Facts $facts): float
    {
        $lying = array_slice($facts->layers, 0, -1);
        $outermost = array_pop($lying);
        $open = [...$lying, Layer::open(Role::Backing, $facts->backingLine()), $facts->main()];
        $solved = FillCalculator::solve($facts->spool, $facts->wanted, $open)->solved;

        return ($solved?->band->middle->inMetres() ?? 0.0) - ($outermost?->length?->inMetres() ?? 0.0);
    }

    private static function turnOver(Facts $facts): Option
    {
        $none = Length::metres(0);
        $turned = Outcome::of(Removal::TurnOver, $facts->backing(), $facts->length(), $none);
        $gone = self::weakAllAlong($facts);
        $all = $facts->main()->line->material === Material::Braid ? null : $facts->allAlong();

        return match (true) {
            $facts->turned !== null => self::cannot(
                Remedy::TurnOver,
                Sentence::of('The line was reversed on ' . Moment::written($facts->turned) . ' already. Both ends have been fished.'),
            ),
            $gone !== null => self::cannot(Remedy::TurnOver, $gone),
            $all !== null => self::cannot(Remedy::TurnOver, Sentence::of(ucfirst($all->found->value) . ' all along. The other end is no better.')),
            !$turned->fits => self::cannot(
                Remedy::TurnOver,
                Sentence::of('The joining knot uses {0}, and there is no more than that.', $turned->joinLost),
            ),
            default => new Option(
                Remedy::TurnOver,
                $turned->joinLost,
                $none,
                $turned->wound,
                null,
                true,
                Sentence::of(
                    'Only the main line, over two spare spools and back: {0} to wind. The unused end comes out on top.',
                    $turned->wound,
                ),
            ),
        };
    }

    /** A way that cannot be gone, and the reason. */
    private static function cannot(Remedy $remedy, Sentence $why): Option
    {
        $none = Length::metres(0);

        return new Option($remedy, $none, $none, $none, null, false, $why);
    }

    /** New line as long as the old one was when it was wound, or as much as goes on; the backing stays. */
    private static function replace(Facts $facts): Option
    {
        $under = array_slice($facts->layers, 0, -1);
        $line = $facts->main()->line;
        $fill = static fn(Layer $main, ?Length $gap = null): Fill => FillCalculator::solve(
            $facts->spool,
            $gap,
            [...$under, $main],
            $facts->gearRatio,
        );
        $new = $facts->asFilled();
        $filled = $fill(Layer::of(Role::Main, $line, $new));
        $depth = $filled->layers[count($under)]->depth ?? null;
        if ($depth !== null && FullLevel::tooFull($depth, $facts->wanted)) {
            $room = $fill(Layer::open(Role::Main, $line), $facts->wanted)->solved?->band->middle->inMetres() ?? 0.0;
            $new = Length::metres(max(0.0, $room));
            $filled = $fill(Layer::of(Role::Main, $line, $new));
        }

        return new Option(
            Remedy::Replace,
            $facts->length(),
            $new,
            $new,
            $facts->mainPrice?->times($new->inMetres()),
            true,
            count($facts->layers) > 1
                ? Sentence::of('Strip the old main line down to the joining knot and wind on {0} of new line. The backing stays.', $new)
                : Sentence::of('Strip the old line and wind on {0} of new line.', $new),
            $filled->layers[count($under)]->handleTurns ?? null,
        );
    }
}
