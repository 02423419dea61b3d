<?php

declare(strict_types=1);

namespace Undro\Allocation;

use Undro\DomainFault;

/** Wishes that what is at hand and on sale cannot meet. */
final class BadAllocation extends DomainFault
{
    /** @var list<string> those that cannot be done */
    public array $jobs = [];

    /** @param list<string> $jobs */
    public static function cannot(array $jobs): self
    {
        $fault = new self('jobs', self::says('the line for ' . implode(', ', array_map(static fn(string $job): string => '"' . mb_substr($job, 0, 40) . '"', $jobs))));
        $fault->jobs = $jobs;

        return $fault;
    }

    /**
     * What to do about it.
     *
     * @param string $what      it is that cannot be given
     * @param bool   $forbidden sources are ruled out for it
     * @param bool   $pinned    it has to come from one source
     */
    public static function says(string $what, bool $forbidden = false, bool $pinned = false): string
    {
        return match (true) {
            $forbidden => "No other spool has enough for $what: you ruled out those that do. Allow one again, choose another line, or add "
                . 'line to buy.',
            $pinned => "The pinned spool hasn’t enough for $what. Unpin it, shorten the line, or choose another line.",
            default => "No filler spool has enough for $what, and none to buy has either. Shorten it, choose another line, or add line to buy.",
        };
    }

    /** Names the field it is given. */
    public static function twice(string $what, string $id): self
    {
        return new self($what, sprintf('"%s" is there twice.', mb_substr($id, 0, 40)));
    }
}
