<?php

declare(strict_types=1);

namespace Undro\Lesson;

/** One thing somebody does in a lesson. */
final readonly class Move
{
    /** @param float|null $amount in the unit of its choice */
    public function __construct(public string $do, public ?float $amount = null) {}
}
