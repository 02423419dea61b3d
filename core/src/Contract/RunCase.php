<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Json\RunJson;

/** "run": where a run stands, from its plan and what happened in it: its steps, what is on, what is left to the next stop. */
final class RunCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "run".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        return RunJson::write(RunInput::standing($in));
    }
}
