<?php

declare(strict_types=1);

namespace Undro\Habit;

/** One answer to a disputed question, fairly put. */
final readonly class School
{
    /**
     * @param string $id
     * @param string $words what is done
     * @param string $says  why those who do it do it
     */
    public function __construct(public string $id, public string $words, public string $says) {}
}
