<?php

declare(strict_types=1);

namespace Undro\Choice;

/** How a line at hand stands to the one looked for. */
enum Suits: string
{
    case Yes = 'yes';
    case TooShort = 'too_short';
    case Stronger = 'stronger';
    case TooLight = 'too_light';
    case OtherMaterial = 'other_material';

    /** As the screen says it. */
    public function words(): string
    {
        return match ($this) {
            self::Yes => 'suits',
            self::TooShort => 'suits, but too little is left',
            self::Stronger => 'stronger than needed: holds less and casts shorter',
            self::TooLight => 'too light',
            self::OtherMaterial => 'another material than this asks for',
        };
    }
}
