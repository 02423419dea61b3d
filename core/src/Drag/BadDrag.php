<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\DomainFault;

/** A drag target that cannot be worked out. */
final class BadDrag extends DomainFault
{
    public static function noLinks(): self
    {
        return new self('links', 'The chain needs at least one link, such as the main line.');
    }

    public static function noStrength(string $name): self
    {
        return new self('rated_N', "The link \"$name\" needs a rated strength above 0.");
    }

    public static function noDepth(): self
    {
        return new self('spool', 'The drag over the line out needs the shape of the spool: the lip, and the arbor or the traverse.');
    }
}
