<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;
use Undro\Units\Sentence;

/** The links from the main line to the hook, and what the weakest of them means for all the others. Source: handbook, chapter 5. */
final readonly class Chain
{
    /** This much stronger than the weakest, a link is worth a word. */
    private const MUCH = 1.3;
    /** Nearer than this two links are as weak as each other. */
    private const ALIKE = 1.03;
    /** How much stronger a link is made to see what that changes; a gain under a hundredth is none. */
    private const STRONGER = 1.5;
    private const NOTHING = 0.01;
    private const GAIN = 0.03;

    /**
     * @param non-empty-list<Link> $links
     */
    private function __construct(public array $links, public Link $weakest) {}

    /**
     * @param list<Link> $links from the main line to the hook; the first of equally weak ones counts
     *
     * @throws BadDrag if there is no link
     */
    public static function of(array $links): self
    {
        $links !== [] || throw BadDrag::noLinks();

        return new self(
            $links,
            array_reduce(
                $links,
                static fn(Link $weakest, Link $link): Link => $link->holdsLessThan($weakest) ? $link : $weakest,
                $links[0],
            ),
        );
    }

    /**
     * What people get the wrong way round in a chain like this. What a stronger link would change is worked out by making it stronger.
     *
     * @return list<Sentence>
     */
    public function surprises(): array
    {
        return array_values(array_filter([
            $this->tied(),
            $this->strongerLeader(),
            $this->mainTooStrong(),
            $this->breaksFarBack(),
            $this->betterKnot(),
            $this->otherAtBest(),
        ]));
    }

    /**
     * Those that bear as much as the weakest, to a few per cent.
     *
     * @return non-empty-list<Link>
     */
    private function weakestOnes(): array
    {
        $ones = array_values(array_filter($this->links, fn(Link $link): bool => $this->over($link) < self::ALIKE));

        return $ones === [] ? [$this->weakest] : $ones;
    }

    /**
     * "the join", "the join and the terminal knot".
     *
     * @param list<Link> $links
     */
    private static function named(array $links): string
    {
        $names = array_map(static fn(Link $link): string => "the $link->name", $links);
        $last = array_pop($names) ?? '';

        return $names === [] ? $last : implode(', ', $names) . " and $last";
    }

    /** The same chain with one kind of link so many times as strong, or a knot that keeps all, and what hangs on it changed with it. */
    private function with(LinkKind $kind, float $times): self
    {
        [$main, $leader] = [$this->find(LinkKind::Main), $this->find(LinkKind::Leader)];
        $line = static fn(?Link $link): ?float => $link === null
            ? null
            : ($link->kind === $kind ? $times : 1.0) * $link->working()->inNewtons();
        $lines = array_filter([$main?->working()->inNewtons(), $leader?->working()->inNewtons()]);
        $changed = array_filter([$line($main), $line($leader)]);
        // a join keeps a share of the weaker of its lines, the knot at the hook one of the line it is tied in
        $join = $lines === [] || $changed === [] ? 1.0 : min($changed) / min($lines);
        $end = $leader === null ? LinkKind::Main : LinkKind::Leader;

        return self::of(array_map(static fn(Link $link): Link => match (true) {
            $link->kind === $kind && $kind->isKnot() => $link->keepingAll(),
            $link->kind === $kind => $link->stronger($times),
            $link->kind === LinkKind::Join => $link->stronger($join),
            $link->kind === LinkKind::Terminal && $kind === $end => $link->stronger($times),
            default => $link,
        }, $this->links));
    }

    /** What the weakest bears more with one kind of link made so much stronger, N. */
    private function gain(self $changed): float
    {
        return $changed->weakest->working()->inNewtons() - $this->weakest->working()->inNewtons();
    }

    private function tied(): ?Sentence
    {
        $ones = $this->weakestOnes();

        return count($ones) < 2 ? null : Sentence::of(
            ucfirst(self::named($ones)) . ' hold about the same, {0}. Any of them may break first.',
            $this->weakest->working(),
        );
    }

    private function find(LinkKind $kind): ?Link
    {
        foreach ($this->links as $link) {
            if ($link->kind === $kind) {
                return $link;
            }
        }

        return null;
    }

    private function is(LinkKind $kind): bool
    {
        return $this->weakest->kind === $kind;
    }

    /** By how much a link is stronger than the weakest. */
    private function over(?Link $link): float
    {
        return $link === null ? 1.0 : $link->working()->inNewtons() / $this->weakest->working()->inNewtons();
    }

    private function strongerLeader(): ?Sentence
    {
        $leader = $this->find(LinkKind::Leader);
        if ($leader === null) {
            return null;
        }
        $changed = $this->with(LinkKind::Leader, self::STRONGER);
        $gain = $this->gain($changed);
        $first = self::named($changed->weakestOnes());
        $break = count($changed->weakestOnes()) === 1 ? 'breaks' : 'break';

        return $gain < self::NOTHING * $this->weakest->working()->inNewtons()
            ? Sentence::of("A stronger leader gains nothing: $first $break first, at {0}.", $this->weakest->working())
            : Sentence::of(
                "With a leader of {0}, the weakest link would hold {1} more. Beyond that, $first $break first.",
                Force::newtons($leader->rated->inNewtons() * self::STRONGER),
                Force::newtons($gain),
            );
    }

    private function mainTooStrong(): ?Sentence
    {
        $main = $this->find(LinkKind::Main);
        if ($main === null || $this->over($main) < self::MUCH) {
            return null;
        }
        $nothing = $this->gain($this->with(LinkKind::Main, self::STRONGER)) < self::NOTHING * $this->weakest->working()->inNewtons();
        $ones = $this->weakestOnes();

        return !$nothing || $this->is(LinkKind::Join) ? null : Sentence::of(
            sprintf(
                'Your main line holds {0}, but %s %s at {1}. That is fine if a break should cost only the end of the line.',
                self::named($ones),
                count($ones) === 1 ? 'breaks' : 'break',
            ),
            $main->working(),
            $this->weakest->working(),
        );
    }

    /** The main line or the join to it is the weakest: a break loses the leader too, and maybe line. */
    private function breaksFarBack(): ?Sentence
    {
        $leader = $this->find(LinkKind::Leader);
        if ($leader === null || count($this->weakestOnes()) > 1 || !($this->is(LinkKind::Main) || $this->is(LinkKind::Join))) {
            return null;
        }
        $lost = $this->is(LinkKind::Main)
            ? 'The main line is the weakest link. A snag can break it anywhere, and you lose lure, leader and line.'
            : 'The joining knot is the weakest link. A break loses the whole leader.';
        foreach (range(19, 4) as $twentieths) {
            $lighter = $this->with(LinkKind::Leader, $twentieths / 20);
            $ones = $lighter->weakestOnes();
            if (array_filter($ones, static fn(Link $link): bool => !in_array($link->kind, [LinkKind::Leader, LinkKind::Terminal], true)) === []) {
                return Sentence::of(
                    "$lost A leader rated {0} would break at the hook instead.",
                    Force::newtons($leader->rated->inNewtons() * $twentieths / 20),
                );
            }
        }

        return Sentence::of("$lost A lighter leader doesn’t change that: its joining knot would still break before its other end.");
    }

    private function betterKnot(): ?Sentence
    {
        $kind = $this->weakest->kind;
        if ($kind?->isKnot() !== true || count($this->links) < 2) {
            return null;
        }
        $changed = $this->with($kind, 1.0);
        $gain = $this->gain($changed);
        $ones = $changed->weakestOnes();

        return $gain < self::GAIN * $this->weakest->working()->inNewtons() ? null : Sentence::of(
            $changed->is($kind)
                ? "A better {$kind->word()} would hold up to {0} more. No knot holds more than its line."
                : sprintf(
                    'A better %s would hold up to {0} more. Beyond that, %s %s first.',
                    $kind->word(),
                    self::named($ones),
                    count($ones) === 1 ? 'breaks' : 'break',
                ),
            Force::newtons($gain),
        );
    }

    /** Another link may be the weakest, if this knot is tied as well as it can be. */
    private function otherAtBest(): ?Sentence
    {
        $best = array_reduce(
            $this->links,
            static fn(Link $weakest, Link $link): Link => $link->atBest()->inNewtons() < $weakest->atBest()->inNewtons() ? $link : $weakest,
            $this->links[0],
        );

        return $best === $this->weakest ? null : Sentence::of(
            "Undro counts an untested knot at the low end of its range. Tied as well as they can be, the weakest link would be the {$best->name}, at "
                . '{0}. A pull test of your own settles it.',
            $best->atBest(),
        );
    }
}
