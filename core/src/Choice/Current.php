<?php

declare(strict_types=1);

namespace Undro\Choice;

/** How the water helps the fish. */
enum Current: string
{
    case None = 'none';
    case Some = 'some';
    case Strong = 'strong';

    /** How much more pull it asks for. General experience. */
    public function more(): float
    {
        return match ($this) {
            self::None => 1.0,
            self::Some => 1.15,
            self::Strong => 1.35,
        };
    }
}
