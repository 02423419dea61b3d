<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\Run;
use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Run\Ahead;
use Undro\Run\Course;
use Undro\Run\Mark;
use Undro\Run\MarkKind;
use Undro\Run\MarkReducer;
use Undro\Run\Standing;

/** A run as it goes on: its course and its marks are read once, and each mark that comes is added to them. */
final class Going
{
    private Course $course;
    private MarkReducer $reducer;
    public readonly Marks $marks;
    private ?Standing $standing = null;

    /** @throws \Undro\DomainFault if what was kept cannot be read */
    public function __construct(public readonly Run $run)
    {
        $this->marks = Marks::of($run);
        $this->begin();
    }

    /** Reads all that was told, against what the run set out with and what was measured since. @throws \Undro\DomainFault */
    private function begin(): void
    {
        $this->course = RunInput::course(RunInput::measured($this->run->setOutWith()->question(), $this->marks->measured));
        $this->reducer = $this->course->begin();
        foreach ($this->marks->heard() as $mark) {
            $this->reducer->hear($mark);
        }
    }

    /** The layer that is being wound, or next. */
    public function layer(): int
    {
        return $this->reducer->layer;
    }

    /** The layer whose line lies on the spool when the run begins and waits on a spare spool; null: there is none. */
    public function parkedLayer(): ?int
    {
        return $this->course->setting->mainParked ? array_key_last($this->course->layers) : null;
    }

    /** The layer after one more mark. @throws \Undro\DomainFault if it cannot have happened */
    public function layerAfter(Mark $mark): int
    {
        $then = clone $this->reducer;
        $then->hear($mark);

        return $then->layer;
    }

    /** @param Input $in the mark with what it has written @throws \Undro\DomainFault if it cannot have happened */
    public function hear(MarkKind $kind, Input $in): void
    {
        $this->standing = null;
        $this->reducer->hear(RunInput::mark($in));
        $this->marks->add($kind, $in);
        if ($kind === MarkKind::Measured) {
            $this->begin();
        }
    }

    /** @return list<Ahead> how it stands further on, if it goes as planned @throws \Undro\DomainFault if a reading cannot be of this spool */
    public function ahead(): array
    {
        return Ahead::of($this->course, $this->reducer);
    }

    /** How it stands now; worked out once for each mark that came. @throws \Undro\DomainFault if a reading cannot be of this spool */
    public function standing(): Standing
    {
        return $this->standing ??= Standing::after($this->course, $this->reducer);
    }
}
