<?php

declare(strict_types=1);

namespace Undro\Twist;

/** What a metre of slack from the tip has said so far, and what to do next. Source: handbook, chapter 3, slack test. */
final readonly class SlackTest
{
    /** Turned over so often and still looping, it is not the direction. */
    private const TURNED_ENOUGH = 2;

    private function __construct(public SlackMove $move, public int $turnedOver) {}

    /**
     * @param list<Slack> $seen  in order; after each that looped the filler was turned over
     * @param bool        $braid braid is not elastic: loose coils become wind knots, and soaking does nothing
     */
    public static function next(array $seen, bool $braid = false): self
    {
        $last = $seen[array_key_last($seen) ?? 0] ?? null;
        $looped = count(array_filter($seen, static fn(Slack $each): bool => $each === Slack::Loops));

        return match (true) {
            $last === null => new self(SlackMove::Test, 0),
            $last === Slack::Straight => new self(SlackMove::CarryOn, $looped),
            $looped <= self::TURNED_ENOUGH => new self(SlackMove::TurnOver, $looped),
            default => new self($braid ? SlackMove::Axle : SlackMove::SoakOrAxle, self::TURNED_ENOUGH),
        };
    }
}
