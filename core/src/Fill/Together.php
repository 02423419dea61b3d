<?php

declare(strict_types=1);

namespace Undro\Fill;

/**
 * How what was learnt of a spool's room and of its lines' cells varies together: correlations, room first, then main line,
 * then backing. Two things learnt from the same fills are not known independently.
 */
final readonly class Together
{
    /** @param list<list<float>> $correlations three by three */
    public function __construct(private array $correlations) {}

    /** @param Role|null $one null: the room */
    public function between(?Role $one, ?Role $other): float
    {
        return $this->correlations[self::place($one)][self::place($other)] ?? 0.0;
    }

    private static function place(?Role $role): int
    {
        return match ($role) {
            null => 0,
            Role::Main => 1,
            default => 2,
        };
    }
}
