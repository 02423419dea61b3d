<?php

declare(strict_types=1);

namespace Undro\Strip;

use Undro\DomainFault;
use Undro\Units\Exact;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** Line that cannot be taken off like that. */
final class BadStrip extends DomainFault
{
    /** Names “spool”. */
    public static function nothingThere(): self
    {
        return new self('spool', 'The log has no line on this spool. Add the line on it first.');
    }

    /** Names “how”. */
    public static function noMainLine(): self
    {
        return new self('how', 'There is only backing on this spool. To strip it too, choose to strip everything.');
    }

    /** Names “metres”. */
    public static function moreThanThere(Length $worn, Length $total): self
    {
        return new self('metres', Sentence::of('There is {0} on the spool. You can’t strip {1}.', Exact::metres(floor(10 * $total->inMetres()) / 10), Exact::metres(ceil(10 * $worn->inMetres()) / 10)));
    }

    /** Names “how”. */
    public static function tooShortToTurn(): self
    {
        return new self('how', 'The joining knot uses half a metre, and there is no more than that. Strip it instead.');
    }

    /** Names “to”. */
    public static function whereTo(): self
    {
        return new self('to', 'Choose the filler spool or the spool it goes onto.');
    }

    /** Names “metres”. */
    public static function howMuch(): self
    {
        return new self('metres', 'Type how much you strip, such as 25 m or 30 yd.');
    }
}
