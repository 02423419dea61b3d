<?php

declare(strict_types=1);

namespace Undro\Fill;

/** What a layer is for. */
enum Role: string
{
    case Backing = 'backing';
    case Main = 'main';
    case Leader = 'leader';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::Backing => 'backing',
            self::Main => 'main line',
            self::Leader => 'leader',
        };
    }
}
