<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Units\Sentence;

/** One step as it applies to this reel, these lines and these habits. */
final readonly class Step
{
    /** What to do. */
    public Sentence $do;

    /**
     * @param int|null    $layer   the layer it belongs to, from the arbor out; null: the whole spool
     * @param string|Sentence $do  what to do
     * @param string      $right   what right looks like
     * @param string      $wrong   what goes wrong, and how it shows
     * @param string|null $caution where the step can hurt somebody
     * @param int|null    $seconds how long to wait, for a timer
     * @param int|null    $turns   how many handle turns the step takes by itself
     * @param bool        $plain   the tool of its kind has nothing to say here
     */
    public function __construct(
        public StepKind $kind,
        public ?int $layer,
        public string $title,
        string|Sentence $do,
        public string $right,
        public string $wrong,
        public ?string $caution = null,
        public ?int $seconds = null,
        public ?int $turns = null,
        public bool $plain = false,
    ) {
        $this->do = is_string($do) ? Sentence::of($do) : $do;
    }

    /** Names the step within its run: "place.1" places the second filler. */
    public function id(): string
    {
        return $this->layer === null ? $this->kind->value : "{$this->kind->value}.$this->layer";
    }
}
