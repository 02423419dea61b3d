<?php

declare(strict_types=1);

namespace App\Exchange;

use PDOException;
use RuntimeException;

/** An import that could not go on after some of its parts were kept. */
final class StoppedHalfway extends RuntimeException
{
    public function __construct(int $kept, int $of, PDOException $why)
    {
        parent::__construct(
            sprintf(
                'The import stopped after %d of %d rows, which are saved. Import the same file again when there is room. Preview it '
                    . 'first: a filler spool without a key would be added twice.',
                $kept,
                $of,
            ),
            previous: $why,
        );
    }
}
