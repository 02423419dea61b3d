<?php

declare(strict_types=1);

namespace Undro\Contract;

/** What a typed figure is meant to be. */
enum QuantityKind: string
{
    case Length = 'length';
    case Small = 'small';
    case Force = 'force';
    case Mass = 'mass';
    case Number = 'number';
    case LineSize = 'line_size';
}
