<?php

declare(strict_types=1);

namespace Undro\Twist;

/**
 * What a metre of slack from the tip has said so far, and what to do next: what was looked at and what the model predicts decide. Source:
 * handbook, chapter 3, slack test.
 */
final readonly class SlackTest
{
    /** Turned over so often and still looping, it is not the direction. */
    private const TURNED_ENOUGH = 2;

    private function __construct(public SlackMove $move, public int $turnedOver) {}

    /**
     * @param list<Slack> $seen    in order
     * @param bool|null   $matched filler and rotor turn the same way; null: nobody has looked
     * @param bool|null   $loops   whether the model has slack line loop where they match; null: no figure for it
     * @param bool        $braid   braid is not elastic: loose coils become wind knots, and soaking does nothing
     * @param Feed        $feed    a filler that turns tells nothing of direction
     */
    public static function next(
        array $seen,
        ?bool $matched = null,
        ?bool $loops = null,
        bool $braid = false,
        Feed $feed = Feed::OverEnd,
    ): self {
        $last = $seen[array_key_last($seen) ?? 0] ?? null;
        $looped = count(array_filter($seen, static fn(Slack $each): bool => $each === Slack::Loops));
        $turned = min($looped, self::TURNED_ENOUGH);
        $memory = $braid ? SlackMove::Axle : SlackMove::SoakOrAxle;

        return match (true) {
            $last === null => new self($feed === Feed::Rotating ? SlackMove::CarryOn : SlackMove::Test, 0),
            $last === Slack::Straight => new self(SlackMove::CarryOn, $turned),
            $feed === Feed::Rotating, $looped > self::TURNED_ENOUGH => new self($memory, $turned),
            $matched === null => new self(SlackMove::Look, $turned),
            !$matched => new self(SlackMove::TurnOver, $turned),
            $loops === true => new self(SlackMove::Expected, $turned),
            default => new self($memory, $turned),
        };
    }
}
