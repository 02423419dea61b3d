<?php

declare(strict_types=1);

namespace App\Schema;

use RuntimeException;

/** Text that was to be JSON and cannot be read; its message is the reason, as the end of a sentence. */
final class UnreadableJson extends RuntimeException
{
    public function __construct(string $why, public readonly bool $tooLarge = false)
    {
        parent::__construct($why);
    }
}
