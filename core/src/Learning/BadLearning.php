<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\DomainFault;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** Fills that nothing can be learnt from as told. */
final class BadLearning extends DomainFault
{
    /** Names “spools”. */
    public static function noShape(string $spool): self
    {
        return new self(
            'spools',
            sprintf(
                'The shape of spool "%s" is missing. A line level tells nothing without lip, arbor and spool width.',
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
        return new self('layers', 'Leave the length of exactly one layer empty.');
    }

    /** The place of the fill it is about, where it is about one. */
    public ?int $fill = null;

    /** Names “fills”. @param int $number its place in the list */
    public static function keptIsNonsense(int $number, Finished $fill): self
    {
        $fault = new self('fills', Sentence::of(
            sprintf(
                'With fill %d ({0} below the lip on "%s"), a spool or a line would be more than a third off its figures. Correct the '
                    . 'figure, or leave it out.',
                $number,
                mb_substr($fill->spool, 0, 40),
            ),
            $fill->gap,
        ));
        $fault->fill = $number;

        return $fault;
    }

    /** Names “keep”. */
    public static function cannotCount(Length $gap): self
    {
        return new self('keep', Sentence::of(
            '{0} can’t count. A spool or a line would then be more than a third off its figures. Correct the figure, or leave it out for good.',
            $gap,
        ));
    }
}
