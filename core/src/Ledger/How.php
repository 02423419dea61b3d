<?php

declare(strict_types=1);

namespace Undro\Ledger;

/** How it is known how much line was wound. */
enum How: string
{
    /** by turns, a line counter, or both */
    case Counted = 'counted';
    case Said = 'said';
    /** by a depth that was read */
    case Depth = 'depth';
    /** taken to be as the plan had it: nothing was counted */
    case Planned = 'planned';

    /**
     * Two ways after each other, each once, in the order they came.
     *
     * @param list<self> $first
     * @param list<self> $then
     *
     * @return list<self>
     */
    public static function both(array $first, array $then): array
    {
        foreach ($then as $each) {
            in_array($each, $first, true) || $first[] = $each;
        }

        return $first;
    }

    /**
     * As an answer has it.
     *
     * @param list<self> $known
     *
     * @return list<string>
     */
    public static function values(array $known): array
    {
        return array_map(static fn(self $each): string => $each->value, $known);
    }

    /**
     * As it is kept.
     *
     * @param list<self> $known
     */
    public static function text(array $known): ?string
    {
        return $known === [] ? null : implode(',', self::values($known));
    }

    /** @return list<self> from such text; what it does not know is left out */
    public static function read(?string $text): array
    {
        return array_values(array_filter(array_map(self::tryFrom(...), explode(',', $text ?? ''))));
    }
}
