<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** Somebody changed a record between the look and the change. */
final class ChangedMeanwhile extends RuntimeException
{
    public function __construct(public readonly int $version)
    {
        parent::__construct(
            'This was changed in another window since you opened it. Nothing was overwritten, and what you typed is still here. Save '
                . 'again to replace the other change.',
        );
    }
}
