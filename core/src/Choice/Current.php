<?php

declare(strict_types=1);

namespace Undro\Choice;

/** How much the water helps the fish. A strong current asks for a stronger line (LineChoice). */
enum Current: string
{
    case None = 'none';
    case Some = 'some';
    case Strong = 'strong';
}
