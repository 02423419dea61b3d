<?php

declare(strict_types=1);

namespace Simulators;

/** A made-up device: what it says of itself, what it shows, and what it can be told. */
interface StandIn
{
    public function hello(string $session): string;

    /** Lets time go on to a moment, s, and says what it shows then. */
    public function shows(float $now): string;

    /** @return string the answer to one line */
    public function told(string $line): string;
}
