<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Units\Force;

/** How the angler holds the rod, and the most drag a person holds that way. Source: handbook, chapter 1, "Which line", step 4. */
enum RodHold: string
{
    case InHand = 'in_hand';
    case ButtPad = 'butt_pad';
    case Harness = 'harness';

    public function most(): Force
    {
        return Force::newtons(match ($this) {
            self::InHand => 60.0,
            self::ButtPad => 110.0,
            self::Harness => 200.0,
        });
    }

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::InHand => 'with the rod in hand',
            self::ButtPad => 'standing with a butt pad',
            self::Harness => 'with a harness or in a chair',
        };
    }
}
