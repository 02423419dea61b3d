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
        return new self('spool', 'Nothing lies on this spool, as far as is written. Write down what you found on it first.');
    }

    /** Names “how”. */
    public static function noMainLine(): self
    {
        return new self('how', 'Only backing lies on this spool. To take that off too, say that all of it comes off.');
    }

    /** Names “metres”. */
    public static function moreThanThere(Length $worn, Length $total): self
    {
        return new self('metres', Sentence::of('{0} lie on the spool; {1} cannot come off it.', Exact::metres(floor(10 * $total->inMetres()) / 10), Exact::metres(ceil(10 * $worn->inMetres()) / 10)));
    }

    /** Names “how”. */
    public static function tooShortToTurn(): self
    {
        return new self('how', 'The join takes half a metre, and there is no more than that. Take it off instead.');
    }

    /** Names “to”. */
    public static function whereTo(): self
    {
        return new self('to', 'Say which filler or which spool it goes onto.');
    }

    /** Names “metres”. */
    public static function howMuch(): self
    {
        return new self('metres', 'Say how much comes off, such as 25 m or 30 yd.');
    }
}
