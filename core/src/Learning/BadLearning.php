<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\DomainFault;

/** Fills that nothing can be learnt from as told. */
final class BadLearning extends DomainFault
{
    /** Names “spools”. */
    public static function noShape(string $spool): self
    {
        return new self(
            'spools',
            sprintf(
                'The shape of spool "%s" is not known: a gap tells of its room only where its lip, arbor and traverse are.',
                mb_substr($spool, 0, 40),
            ),
        );
    }

    /** Names “spool”. */
    public static function noSuchSpool(string $spool): self
    {
        return new self('spool', sprintf('There is no spool "%s" among the spools given.', mb_substr($spool, 0, 40)));
    }

    /** Names “line”. */
    public static function noSuchLine(string $line): self
    {
        return new self('line', sprintf('There is no line "%s" among the lines given.', mb_substr($line, 0, 40)));
    }

    /** Names “layers”. */
    public static function oneOpen(): self
    {
        return new self('layers', 'Exactly one layer of the plan is left open, its length empty.');
    }
}
