<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Drag\Link;
use Undro\Drag\LinkKind;
use Undro\Input\BadInput;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Join\BadJoin;
use Undro\Join\PullTest;
use Undro\Knot\Knot;
use Undro\Units\Force;

/** Reads the chain as the Drag place types it: lines by their strength, knots by what they keep. */
final class ChainInput
{
    /** @return non-empty-list<Link> from the main line to the hook */
    public static function links(Input $in): array
    {
        $main = self::line($in, 'main', LinkKind::Main) ?? throw BadInput::missing('chain.main_N');
        $leader = self::line($in, 'leader', LinkKind::Leader);
        $links = [$main];
        if ($leader !== null) {
            $links[] = self::join($in, $main, $leader);
            $links[] = $leader;
        }
        $end = $leader ?? $main;
        $knot = $in->optionalChoice('hook_knot', Knot::class);
        $knot === null || $knot->toHook() || throw BadJoin::notAtHook($knot, 'hook_knot');
        $keeps = self::hookKeeps($knot);
        $tested = self::tested($in, 'terminal_tested', $knot ?? Knot::UniAtHook);
        $links[] = $in->make(
            static fn(): Link => Link::of(
                $knot?->word() ?? LinkKind::Terminal->word(),
                $end->rated,
                $tested ?? $keeps[0],
                $end->condition,
                $tested ?? $keeps[1],
                LinkKind::Terminal,
            ),
        );
        $snap = self::line($in, 'snap', LinkKind::Snap);

        return $snap === null ? $links : [...$links, $snap];
    }

    /**
     * Returns what a hook knot keeps, low and high. Nobody knows which one is on if none is named, so the weakest counts.
     *
     * @return array{float, float}
     */
    public static function hookKeeps(?Knot $knot = null): array
    {
        return ($knot ?? Knot::ImprovedClinch)->keeps() ?? throw new \LogicException('A hook knot keeps a share.');
    }

    private static function line(Input $in, string $key, LinkKind $kind): ?Link
    {
        $rated = $in->optionalForce("{$key}_N", ...Bounds::FORCE_N);

        return $rated === null
            ? null
            : $in->make(
                static fn(): Link => Link::of($kind->word(), $rated, condition: $in->number("{$key}_condition", 0.1, 1.0, 1.0), kind: $kind),
            );
    }

    /** A join keeps a share of the weaker of its two lines. */
    private static function join(Input $in, Link $main, Link $leader): Link
    {
        $knot = $in->choice('join', Knot::class, Knot::DoubleUni);
        $keeps = $knot->joins() ? $knot->keeps() : null;
        $keeps !== null || throw BadJoin::joinsNothing($knot, 'join');
        $tested = self::tested($in, 'join_tested', $knot);
        $weaker = $leader->holdsLessThan($main) ? $leader : $main;

        return Link::of(
            LinkKind::Join->word(),
            Force::newtons($weaker->rated->inNewtons()),
            $tested ?? $keeps[0],
            $weaker->condition,
            $tested ?? $keeps[1],
            LinkKind::Join,
        );
    }

    /** The share that the angler's own pull tests gave; a knot cannot be stronger than its line here. */
    private static function tested(Input $in, string $key, Knot $knot): ?float
    {
        $typed = trim($in->text($key, 20));

        return $typed === '' ? null : min(1.0, $in->read($key, static fn(): float => PullTest::read($knot, $typed)->share));
    }
}
