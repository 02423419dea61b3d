<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Twist\Feed;
use Undro\Twist\Sense;
use Undro\Twist\Slack;
use Undro\Units\Length;

/** One thing that happened in a run. */
final readonly class Mark
{
    /**
     * @param string       $at     ISO 8601, UTC
     * @param string|null  $step   the step it belongs to
     * @param float        $turns  of the handle; below 0 takes some back
     * @param Length|null  $metres counted, said, or stripped
     * @param Length|null  $half   half the band of what is said, where that is said too
     * @param bool         $planned what is said is what the plan had
     * @param float|null   $pace   handle turns a minute
     * @param list<Length> $depths read round the spool
     * @param bool         $sure   stands by a depth that was asked about
     * @param bool|null    $firm   nothing gave under the thumb
     */
    public function __construct(
        public MarkKind $kind,
        public string $at = '',
        public ?string $step = null,
        public float $turns = 0.0,
        public ?Length $metres = null,
        public array $depths = [],
        public bool $sure = false,
        public ?Slack $slack = null,
        public ?bool $firm = null,
        public ?Stop $stop = null,
        public string $words = '',
        public ?Sense $rotor = null,
        public ?Sense $filler = null,
        public ?Feed $feed = null,
        public ?Tension $tension = null,
        public ?Length $half = null,
        public bool $planned = false,
        public ?float $pace = null,
    ) {}
}
