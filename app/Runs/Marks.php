<?php

declare(strict_types=1);

namespace App\Runs;

use App\Database\Row;
use App\Models\Run;
use Illuminate\Support\Facades\DB;
use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Ledger\How;
use Undro\Run\Mark;
use Undro\Run\MarkKind;
use Undro\Run\Stop;
use Undro\Units\Length;

/**
 * The marks of a run as they are kept: what the core hears, and what each has written into the log. Not as models: a long fill has
 * hundreds.
 */
final class Marks
{
    /** @var list<Mark> turns and metres added up between the others */
    private array $heard = [];
    /** @var list<Written> stop by stop */
    public array $written = [];
    /** @var array<int, int> the filler that was named last, by layer */
    public array $fillers = [];
    /** @var list<Length> the level as it was read last, with nothing wound since */
    public array $level = [];

    /** The id of the last mark that was read. */
    public int $seen = 0;
    /** @var list<Input> what was measured of spool and reel, in order */
    public array $measured = [];

    /** @var array<string, float> turns and metres since the last other mark, by kind */
    private array $sums = [];

    private function __construct() {}

    public static function of(Run $run): self
    {
        $marks = new self();
        if ($run->exists) {
            foreach (Row::all(DB::table('run_marks')->where('run_id', $run->id)->orderBy('id'), ['id', 'kind', 'at', 'mark']) as $row) {
                $kind = MarkKind::from($row->text('kind'));
                $marks->add($kind, Input::of(['kind' => $kind->value, 'at' => $row->text('at')] + $row->json('mark')));
                $marks->seen = $row->int('id');
            }
        }

        return $marks;
    }

    /**
     * What is known so far, with nothing left to add up.
     *
     * @return list<Mark>
     */
    public function heard(): array
    {
        $this->addUp();

        return $this->heard;
    }

    /** Metres of a layer that are in the log. */
    public function writtenOf(int $layer): float
    {
        return array_sum(array_map(static fn(Written $each): float => $each->length->inMetres(), $this->writtenIn($layer)));
    }

    /** Half the band of what of a layer is in the log, squared, m2. */
    public function squaredHalfOf(int $layer): float
    {
        return array_sum(array_map(static fn(Written $each): float => ($each->half?->inMetres() ?? 0.0) ** 2, $this->writtenIn($layer)));
    }

    /** @return list<Written> */
    private function writtenIn(int $layer): array
    {
        return array_values(array_filter($this->written, static fn(Written $each): bool => $each->layer === $layer));
    }

    /** One more: what it says to the core, and what it says to the log alone. */
    public function add(MarkKind $kind, Input $in): void
    {
        if ($kind === MarkKind::Turns || $kind === MarkKind::Counted) {
            $by = $kind === MarkKind::Turns ? $in->number('turns', -INF, INF, 0.0) : $in->metres('metres', -INF, INF, 0.0)->inMetres();
            $this->sums[$kind->value] = ($this->sums[$kind->value] ?? 0.0) + $by;

            return;
        }
        $this->addUp();
        $mark = RunInput::mark($in);
        $this->heard[] = $mark;
        $layer = $in->optionalNumber('layer', 0, 100);
        $metres = $in->optionalNumber('written_m', 0, Length::LONGEST_M) ?? 0.0;
        if ($metres > 0) {
            $stop = $mark->stop->value ?? ($kind === MarkKind::Left ? 'left' : Stop::Early->value);
            $half = $in->optionalNumber('half_m', 0, Length::LONGEST_M);
            $this->written[] = new Written(
                (int) ($layer ?? 0),
                Length::metres($metres),
                $stop,
                $half === null ? null : Length::metres($half),
                How::read($in->text('known', 60)),
            );
            // a level read before the last line had stopped says nothing of the finished spool
            $this->level = [];
        }
        if ($kind === MarkKind::Again) {
            $this->written = array_values(array_filter($this->written, static fn(Written $each): bool => $each->layer !== (int) ($layer ?? 0)));
        }
        if ($kind === MarkKind::Measured) {
            $this->measured[] = $in;
        }
        if ($kind === MarkKind::Depth) {
            $this->level = $mark->depths;
        }
        $filler = $in->optionalNumber('filler', 1, PHP_INT_MAX);
        if (in_array($kind, [MarkKind::Resumed, MarkKind::Stripped], true) && $layer !== null && $filler !== null) {
            $this->fillers[(int) $layer] = (int) $filler;
        }
    }

    private function addUp(): void
    {
        foreach ($this->sums as $kind => $sum) {
            $this->heard[] = MarkKind::from($kind) === MarkKind::Turns
                ? new Mark(MarkKind::Turns, turns: $sum)
                : new Mark(MarkKind::Counted, metres: Length::metres($sum));
        }
        $this->sums = [];
    }
}
