<?php

declare(strict_types=1);

namespace Tests\Served;

/** A browser or a script: what it carries with each request. */
final class Visitor
{
    /** @var array<string, string> */
    public array $cookies = [];

    public function __construct(public readonly ?string $key = null, public readonly string $from = '198.51.100.4') {}
}
