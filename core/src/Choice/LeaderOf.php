<?php

declare(strict_types=1);

namespace Undro\Choice;

/** What a leader is made of. */
enum LeaderOf: string
{
    case Mono = 'mono';
    case Fluoro = 'fluoro';
    case Wire = 'wire';
}
