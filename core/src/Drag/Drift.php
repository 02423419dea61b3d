<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;
use Undro\Units\Sentence;

/**
 * Whether the same place of the knob still gives the same force. Every kept setting tells of the place of the last one by the knob law its
 * own
 * pulls fit, with a band; only settings counted from fully backed off, and read the same way, can be compared.
 */
final readonly class Drift
{
    /** @param list<array{at: string, force: array{float, float, float}}> $points oldest first */
    private function __construct(public Knob $knob, public float $position, public array $points) {}

    /**
     * @param list<Kept> $kept oldest first
     *
     * @return self|null null: fewer than two can be compared
     */
    public static function of(array $kept): ?self
    {
        $counted = array_values(array_filter($kept, static fn(Kept $each): bool => $each->fromOff));
        $last = end($counted);
        if ($last === false) {
            return null;
        }
        $like = array_values(
            array_filter($counted, $last->comparable(...)),
        );

        return count($like) < 2 ? null : new self($last->knob, $last->position(), array_map(
            static fn(Kept $each): array => ['at' => $each->at, 'force' => $each->at($last->position())],
            $like,
        ));
    }

    /** From the first to the last of them. */
    public function says(): Sentence
    {
        $first = $this->points[0]['force'];
        $last = $this->points[count($this->points) - 1]['force'];
        $change = $last[0] / $first[0] - 1;
        $where = $this->knob->many($this->position);
        $apart = $last[1] > $first[2] || $last[2] < $first[1];

        return Sentence::of(match (true) {
            !$apart => "At $where the drag is the same as at first, as far as these pulls can tell: {0} then, {1} now.",
            $change > 0 => sprintf(
                'At %s the drag is %d %% stronger than at first: {0} then, {1} now. Salt, dirt or old grease is between the washers. Have '
                    . 'it cleaned before it sticks.',
                $where,
                (int) round(100 * $change),
            ),
            default => sprintf(
                'At %s the drag is %d %% weaker than at first: {0} then, {1} now. Washers wear and flatten. Set the drag by the scale, '
                    . 'not by the knob position.',
                $where,
                (int) round(-100 * $change),
            ),
        }, Force::newtons($first[0]), Force::newtons($last[0]));
    }
}
