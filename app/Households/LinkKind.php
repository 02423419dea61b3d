<?php

declare(strict_types=1);

namespace App\Households;

enum LinkKind: string
{
    /** somebody joins a household */
    case Invitation = 'invitation';
    /** somebody who forgot their password chooses another */
    case Reset = 'reset';

    /** Good for so long, s. */
    public function seconds(): int
    {
        return match ($this) {
            self::Invitation => 7 * 86_400,
            self::Reset => 3600,
        };
    }
}
