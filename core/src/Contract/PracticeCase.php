<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Json\PracticeJson;
use Undro\Json\RunInput;

/** "practice": what a run on a made-up reel has really come to, what calipers would read on it now, and what it turns like. */
final class PracticeCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "practice".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        return PracticeJson::write(RunInput::standing($in), (int) $in->number('seed', 0, 2_000_000_000));
    }
}
