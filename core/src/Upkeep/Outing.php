<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Units\Length;

/** A day the line was fished, and what it went through. */
final readonly class Outing
{
    /**
     * @param string      $at   ISO 8601 date or time
     * @param bool        $hard in heavy sun, or over rough ground
     * @param Length|null $cast the longest
     * @param Length|null $run  the longest
     */
    public function __construct(public string $at, public bool $hard = false, public ?Length $cast = null, public ?Length $run = null) {}
}
