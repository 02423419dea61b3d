<?php

declare(strict_types=1);

namespace Undro\Tests;

use Eris\Generator\ChooseGenerator;
use Eris\Generators;
use Eris\TestTrait;

/** Generators of figures that spools and lines really have, with a fixed number of draws. */
trait Property
{
    use TestTrait;

    /** @return ChooseGenerator a whole number standing for a figure between two bounds, in thousandths of the range */
    protected static function share(): ChooseGenerator
    {
        return Generators::choose(0, 1000);
    }

    protected static function between(float $least, float $most, int $share): float
    {
        return $least + ($most - $least) * $share / 1000;
    }
}
