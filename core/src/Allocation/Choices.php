<?php

declare(strict_types=1);

namespace Undro\Allocation;

use Undro\Units\Length;

/** What an angler says about where the line is to come from. */
final readonly class Choices
{
    /** Leftovers shorter than this are waste, unless it is said otherwise, m. */
    public const USEFUL_M = 50.0;

    /**
     * @param array<string, array<string, string>>       $pin    the source a part of a job must come from, by job and part
     * @param array<string, array<string, list<string>>> $forbid sources it must not come from
     * @param bool                                       $two    backing may be two pieces, joined
     * @param Length|null                                $useful null: the usual
     */
    public function __construct(
        public array $pin = [],
        public array $forbid = [],
        public bool $two = false,
        private ?Length $useful = null,
    ) {}

    /** Leftovers shorter than this are waste. */
    public function useful(): Length
    {
        return $this->useful ?? Length::metres(self::USEFUL_M);
    }

    /** @return list<string> */
    public function not(string $job, Part $part): array
    {
        return $this->forbid[$job][$part->value] ?? [];
    }

    /** The same, with a part of a job from one source alone. */
    public function pinned(string $job, Part $part, string $source): self
    {
        $pin = $this->pin;
        $pin[$job][$part->value] = $source;

        return new self($pin, $this->forbid, $this->two, $this->useful);
    }

    /** Whether a source is forbidden for any part of a job. */
    public function forbids(string $job): bool
    {
        return array_merge([], ...array_values($this->forbid[$job] ?? [])) !== [];
    }

    /** Whether any part of a job has to come from one source. */
    public function pins(string $job): bool
    {
        return isset($this->pin[$job]);
    }

    /** The source a part of a job must come from; null: any. */
    public function only(string $job, Part $part): ?string
    {
        return $this->pin[$job][$part->value] ?? null;
    }
}
