<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Units\Sentence;

/** What came of one move, and what was wrong with it. */
final readonly class Seen
{
    /** @param list<Slip> $slips */
    public function __construct(public Sentence $says, public array $slips = []) {}
}
