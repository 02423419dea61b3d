<?php

declare(strict_types=1);

namespace Undro\Photo;

/** What of known size is in the picture. */
enum ReferenceKind: string
{
    case Card = 'card';
    case Bar = 'bar';
    case Length = 'length';

    /** How many points of it are marked. */
    public function points(): int
    {
        return $this === self::Card ? 4 : 2;
    }
}
