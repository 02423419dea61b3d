<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Units\Length;
use Undro\Units\Price;
use Undro\Units\Sentence;

/** One thing that can be done, and what it comes to. */
final readonly class Option
{
    /**
     * @param Length     $off   line that goes to waste
     * @param Length     $add   new line that goes on
     * @param Length     $wound metres wound altogether
     * @param Price|null $cost  of the new line; null: not known, or nothing
     * @param bool       $fits  it can be done, and would do
     * @param float|null $turns handle turns of the reel itself; null: by the metres wound
     */
    public function __construct(
        public Remedy $remedy,
        public Length $off,
        public Length $add,
        public Length $wound,
        public ?Price $cost,
        public bool $fits,
        public Sentence $says,
        public ?float $turns = null,
    ) {}
}
