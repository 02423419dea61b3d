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
            $forbidden => "Nothing else can give $what: what could is not to be cut for it. Allow it again, take another line, or add a pack.",
            $pinned => "What it is pinned to cannot give $what. Unpin it, shorten it, or take another line.",
            default => "No filler and no pack can give $what: it is too long, or of a line that neither the rack nor the list of packs has. "
                . 'Shorten it, take another line, or add a pack.',
        };
    }

    /** Names the field it is given. */
    public static function twice(string $what, string $id): self
    {
        return new self($what, sprintf('"%s" is there twice.', mb_substr($id, 0, 40)));
    }
}
