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
                'It stopped after %d of %d rows, which are kept. Read the same file in again once there is room: what is here already '
                    . 'stays as it is. A filler without a key would come twice; look at the rows first.',
                $kept,
                $of,
            ),
            previous: $why,
        );
    }
}
