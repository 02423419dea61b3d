<?php

declare(strict_types=1);

namespace Undro\Spool;

/** Where the knowledge of a spool's room comes from. */
enum Source: string
{
    case Rated = 'rated';
    case Measured = 'measured';
    case Fused = 'fused';
    case DerivedArbor = 'derived_arbor';
    case DerivedTraverse = 'derived_traverse';
}
