<?php

declare(strict_types=1);

namespace Undro\Drag;

/**
 * The angle between rod and line while pulling. About 45 degrees is how a fish is fought; a sharp one rubs and bends the rod where it
 * breaks.
 */
enum RodAngle: string
{
    case Flat = 'flat';
    case High = 'high';

    /** @return self|null null: nothing to say of it */
    public static function of(float $degrees): ?self
    {
        return match (true) {
            $degrees < 25 => self::Flat,
            $degrees > 65 => self::High,
            default => null,
        };
    }

    /** What the angle does to the reading, in words. */
    public function says(): string
    {
        return match ($this) {
            self::Flat => 'With the rod this flat, the guides hardly rub. Expect more force at the tip with the rod up.',
            self::High => 'Lower the rod to about 45 degrees. This steep, the guides rub hard and the tip takes all the bend, where rods break.',
        };
    }
}
