<?php

declare(strict_types=1);

namespace Undro\Printed;

/** A piece of print and the ways to read it; the first is the one used. */
final readonly class Piece
{
    /**
     * @param string                  $typed    the piece as it was typed
     * @param non-empty-list<Reading> $readings each another than the first
     * @param bool                    $turned   the length stood before the size, and nothing but its figure said so
     */
    public function __construct(public string $typed, public array $readings, public bool $turned = false) {}

    /** The reading that is used. */
    public function used(): Reading
    {
        return $this->readings[0];
    }

    /** It can be read two ways. */
    public function open(): bool
    {
        return count($this->readings) > 1;
    }
}
