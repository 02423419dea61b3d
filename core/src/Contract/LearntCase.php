<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Learning\Taught;
use Undro\Line\Material;

/** "learnt": what was learnt of a spool or a line, in words. */
final class LearntCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "learnt".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $taught = new Taught($in->number('factor', -100, 100), $in->number('sd', 0, 100), (int) $in->number('fills', 1, 100_000, 1));

        return ['words' => $in->text('of', 10) === 'spool'
            ? $taught->ofSpool()
            : $taught->ofLine($in->choice('material', Material::class))];
    }
}
