<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Knot\Knot;
use Undro\Knot\Knots;
use Undro\Knot\Move;
use Undro\Knot\Where;

/** "knot": how one knot is tied: its moves in words, for these lines and this place, and the film that shows them. */
final class KnotCase implements Calculator
{
    /**
     * Question: the knot; where, "guides" if nothing is said; whether one of the lines is braid, if nothing is said it is;
     * whether the line is under 0.25 mm, if nothing is said it is not.
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $knot = $in->choice('knot', Knot::class);
        $where = match (true) {
            $knot->toArbor() => Where::Arbor,
            $knot->toHook() => Where::Hook,
            default => $in->choice('where', Where::class, Where::Guides),
        };
        $braid = $in->boolean('braid', true);
        $thin = $in->boolean('thin');
        $turns = $knot->wraps($where, $braid, $thin);

        return [
            'id' => $knot->value,
            'word' => $knot->word(),
            'says' => $knot->says(),
            'turns' => $knot->turns($where, $braid, $thin),
            'film' => Knots::film($knot, $turns),
            'moves' => array_map(
                static fn(Move $move): array => ['do' => $move->do, 'right' => $move->right, 'wrong' => $move->wrong],
                Knots::moves($knot, $turns),
            ),
        ];
    }
}
