<?php

declare(strict_types=1);

namespace App\Database;

/** The version of a database: the migrations it has been through. */
final class Version
{
    /** @return list<string> the migrations of this version of Undro, the newest last */
    public static function migrations(): array
    {
        return array_values(array_filter(config()->array('undro.migrations'), is_string(...)));
    }
}
