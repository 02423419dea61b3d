<?php

declare(strict_types=1);

namespace Undro\Way;

/** What a plan leaves to be worked out. */
enum Open: string
{
    /** the backing under a given main line */
    case Backing = 'backing';
    /** the main line, on the bare arbor or over a given backing */
    case Main = 'main';
    /** the level that given lengths reach */
    case Level = 'level';
}
