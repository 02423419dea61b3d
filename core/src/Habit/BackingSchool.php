<?php

declare(strict_types=1);

namespace Undro\Habit;

/** What goes under braid. Source: handbook, chapter 1, where anglers disagree. */
enum BackingSchool: string
{
    case Rule = 'rule';
    case Some = 'some';
    case Grip = 'grip';
    case None = 'none';
}
