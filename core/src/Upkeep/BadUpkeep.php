<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\DomainFault;

/** A figure of the upkeep that cannot be. */
final class BadUpkeep extends DomainFault
{
    /** Names the field it is given. */
    public static function noDate(string $field, string $typed): self
    {
        return new self($field, sprintf('"%s" is not a date. Write it as 2026-03-31.', mb_substr($typed, 0, 40)));
    }
}
