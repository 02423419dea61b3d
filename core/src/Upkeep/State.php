<?php

declare(strict_types=1);

namespace Undro\Upkeep;

/** How urgent a spool is, the most urgent first. */
enum State: string
{
    case Due = 'due';
    case Nicked = 'nicked';
    case Short = 'short';
    case Turn = 'turn';
    case Low = 'low';
    case Soon = 'soon';
    case Fit = 'fit';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::Due => 'due',
            self::Nicked => 'nicked',
            self::Short => 'too short',
            self::Turn => 'reverse',
            self::Low => 'low',
            self::Soon => 'due soon',
            self::Fit => 'OK',
        };
    }

    /** Whether there is something to do now. */
    public function calls(): bool
    {
        return in_array($this, [self::Due, self::Nicked, self::Short, self::Turn, self::Low], true);
    }
}
