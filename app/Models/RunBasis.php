<?php

declare(strict_types=1);

namespace App\Models;

use Undro\Input\Input;
use Undro\Spool\Usual;

/** What a run set out with, as it is kept in JSON: the plan's case, the old line, and where each layer's line comes from. */
final readonly class RunBasis
{
    private Input $in;

    /** @param array<array-key, mixed> $json */
    public function __construct(array $json)
    {
        $this->in = Input::of($json);
    }

    /** What the core reads: the plan's case, the old line, the leader and the pace. */
    public function question(): Input
    {
        return $this->in;
    }

    public function pace(): float
    {
        return $this->in->number('pace_turns_per_min', 0, 1000, Usual::PACE_TURNS_PER_MIN);
    }

    /** @return list<RunSource> by layer, from the arbor out */
    public function sources(): array
    {
        return array_map(RunSource::read(...), $this->in->objects('sources', 0, 20));
    }

    /** @return array<string, string> the plan's fields as typed */
    public function draft(): array
    {
        return (new TypedFigures($this->in->all()))->texts('draft');
    }
}
