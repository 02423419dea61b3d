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
            self::TooShort => 'suitable, but too little left',
            self::Stronger => 'stronger than needed: less fits, and it casts shorter',
            self::TooLight => 'too weak',
            self::OtherMaterial => 'wrong material for this',
        };
    }
}
