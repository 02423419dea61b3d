<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;

/** One calculator of the compute contract: a JSON object in, a JSON object out. */
interface Calculator
{
    /**
     * @return array<string, mixed>
     *
     * @throws \Undro\DomainFault naming the field at fault
     */
    public static function compute(Input $in): array;
}
