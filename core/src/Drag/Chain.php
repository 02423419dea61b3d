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
     * What people get the wrong way round in a chain like this.
     *
     * @return list<Sentence>
     */
    public function surprises(): array
    {
        return array_values(array_filter([
            $this->leaderTooStrong(),
            $this->mainTooStrong(),
            $this->breaksFarBack(),
            $this->betterKnot(),
            $this->otherAtBest(),
        ]));
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

    private function leaderTooStrong(): ?Sentence
    {
        $leader = $this->find(LinkKind::Leader);

        return $leader === null || $this->over($leader) < 1.05 ? null : Sentence::of(
            "A stronger leader changes nothing: the {$this->weakest->name} gives way first, at {0}; the leader would bear {1}.",
            $this->weakest->working(),
            $leader->working(),
        );
    }

    private function mainTooStrong(): ?Sentence
    {
        $main = $this->find(LinkKind::Main);

        return $main === null || $this->is(LinkKind::Join) || $this->over($main) < self::MUCH ? null : Sentence::of(
            "The {0} of the main line are not there to be used: all of it hangs on the {$this->weakest->name}, which bears {1}. That is "
                . 'as it should be where a break is to cost the end of the line and no more.',
            $main->working(),
            $this->weakest->working(),
        );
    }

    /** The main line or the join to it is the weakest: a break loses the leader too, and maybe line. */
    private function breaksFarBack(): ?Sentence
    {
        if ($this->find(LinkKind::Leader) === null) {
            return null;
        }

        return match (true) {
            $this->is(LinkKind::Main) => Sentence::of(
                'The main line itself is the weakest: a snag breaks it anywhere, and leader and lure stay behind with whatever line is '
                    . 'out. A leader that bears less than {0} would be what breaks.',
                $this->weakest->working(),
            ),
            $this->is(LinkKind::Join) => Sentence::of(
                'The join is the weakest: a break loses the whole leader. A leader that bears less than {0} would break at the hook '
                    . 'instead.',
                $this->weakest->working(),
            ),
            default => null,
        };
    }

    private function betterKnot(): ?Sentence
    {
        if ($this->weakest->kind?->isKnot() !== true || count($this->links) < 2) {
            return null;
        }
        $others = array_values(array_filter($this->links, fn(Link $link): bool => $link !== $this->weakest));
        $next = array_reduce(
            $others,
            static fn(Link $weakest, Link $link): Link => $link->holdsLessThan($weakest) ? $link : $weakest,
            $others[0],
        );

        return $this->over($next) < 1.03 ? null : Sentence::of(
            "A better {$this->weakest->name} gains up to {0}; beyond that the {$next->name} gives way.",
            Force::newtons($next->working()->inNewtons() - $this->weakest->working()->inNewtons()),
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
            "Untested, the low end of a knot's range counts. Tied as well as they can be, the weakest would be the {$best->name}, at "
                . '{0}: a pull test of your own settles it.',
            $best->atBest(),
        );
    }
}
