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
        $fault = new self('jobs', sprintf(
            'No filler and no pack can give the line for %s: it is too long, or of a line that neither the rack nor the list of packs '
                . 'has. Shorten it, allow another line, or add a pack.',
            implode(', ', array_map(static fn(string $job): string => '"' . mb_substr($job, 0, 40) . '"', $jobs)),
        ));
        $fault->jobs = $jobs;

        return $fault;
    }

    /** Names the field it is given. */
    public static function twice(string $what, string $id): self
    {
        return new self($what, sprintf('"%s" is there twice.', mb_substr($id, 0, 40)));
    }
}
