<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** One thing worth saying about a plan. */
final readonly class Note
{
    private function __construct(public string $id, public Weight $weight, public Sentence $sentence) {}

    /**
     * A note with its figures.
     *
     * @param string $words with "{0}" where a figure goes
     */
    public static function of(string $id, Weight $weight, string $words, Length|Diameter|Force ...$figures): self
    {
        return new self($id, $weight, Sentence::of($words, ...$figures));
    }
}
