<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Fill\Level as FullLevel;
use Undro\Fill\Role;
use Undro\Strip\Outcome;
use Undro\Strip\Removal;
use Undro\Units\Length;
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
            new Option(Remedy::Leave, $none, $none, $none, null, true, Sentence::of('Nothing is done; it is fished as it is.')),
            self::cutBack($facts),
            self::topUp($facts, $level),
            self::turnOver($facts),
            self::replace($facts),
        ];
    }

    private static function cutBack(Facts $facts): Option
    {
        $none = Length::metres(0);
        $worn = $facts->worn();
        $rest = Length::metres(max(0.0, $facts->length()->inMetres() - $worn->inMetres()));
        $reaches = $rest->inMetres() >= $facts->wear->reach->inMetres();

        return new Option(Remedy::CutBack, $worn, $none, $none, null, $reaches, $reaches
            ? Sentence::of(
                '{0} of the outer end off: {1} of it stay, enough for a cast and a reserve of {2} together.',
                $worn,
                $rest,
                $facts->wear->reach,
            )
            : Sentence::of('With {0} off, {1} would stay: less than a cast and a reserve, {2}.', $worn, $rest, $facts->wear->reach));
    }

    private static function topUp(Facts $facts, ?Level $level): Option
    {
        $none = Length::metres(0);
        $main = $facts->length();
        if (count($facts->layers) < 2) {
            return self::cannot(Remedy::TopUp, Sentence::of('There is no backing under it to add to.'));
        }
        if ($level === null) {
            return self::cannot(Remedy::TopUp, Sentence::of('The spool’s shape is not known well enough to say how much is missing: '
                . 'measure lip, arbor and width.'));
        }
        $more = self::missing($facts);
        if ($more < self::LEAST_TOP_UP_M) {
            return self::cannot(
                Remedy::TopUp,
                Sentence::of('It stands at {0}, and full is {1}: there is nothing to add.', $level->depth, $level->wanted),
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
            Sentence::of(
                'Pull the main line, {0}, onto a carrier, add {1} to the backing, and wind it back: it then ends {2} under the lip.',
                $main,
                $add,
                $facts->wanted,
            ),
        );
    }

    /** How much backing brings the line back up to the wanted level, m; below 0: it stands over it. */
    private static function missing(Facts $facts): float
    {
        $under = count($facts->layers) - 2;
        $open = $facts->layers;
        $open[$under] = Layer::open(Role::Backing, $facts->layers[$under]->line);
        $solved = FillCalculator::solve($facts->spool, $facts->wanted, array_values($open))->solved;

        return ($solved?->band->middle->inMetres() ?? 0.0) - ($facts->layers[$under]->length?->inMetres() ?? 0.0);
    }

    private static function turnOver(Facts $facts): Option
    {
        $none = Length::metres(0);
        $turned = Outcome::of(Removal::TurnOver, $facts->backing(), $facts->length(), $none);

        return match (true) {
            $facts->turned !== null => self::cannot(
                Remedy::TurnOver,
                Sentence::of('It was turned once already, on ' . substr($facts->turned, 0, 10) . ': both ends have fished.'),
            ),
            !$turned->fits => self::cannot(
                Remedy::TurnOver,
                Sentence::of('The join takes {0}, and there is no more than that.', $turned->joinLost),
            ),
            default => new Option(
                Remedy::TurnOver,
                $turned->joinLost,
                $none,
                $turned->wound,
                null,
                true,
                Sentence::of(
                    'The main line alone, over two carriers and back, {0} wound: the end that has not seen the water comes out on top.',
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
                ? Sentence::of('The old main line off to the join, {0} of new on; the backing stays.', $new)
                : Sentence::of('The old line off, {0} of new on.', $new),
            $filled->layers[count($under)]->handleTurns ?? null,
        );
    }
}
