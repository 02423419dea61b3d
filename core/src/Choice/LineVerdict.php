<?php

declare(strict_types=1);

namespace Undro\Choice;

/** How a line the angler has compares to what is usual. Source: handbook, chapter 1, "Which line", step 5. */
enum LineVerdict: string
{
    case Usual = 'usual';
    case Heavier = 'heavier';
    case TooShort = 'too_short';
    case TooLight = 'too_light';
    case OtherMaterial = 'other_material';
}
