<?php

declare(strict_types=1);

namespace App\Learning;

use App\Ledger\Lines;
use App\Models\Spool;
use Undro\DomainFault;
use Undro\Learning\Finished;
use Undro\Learning\ForPlan;
use Undro\Learning\Learnt;
use Undro\Learning\Taught;
use Undro\Spool\Spool as Shape;

/** What the levels that were read teach of spools and lines. Worked out from the log once a request, and only where it is asked for. */
final class Learning
{
    private ?Learnt $learnt = null;
    /** @var array<int, Shape> whose shape is known well enough to say what a level means, by number */
    private array $shapes = [];
    /** @var list<LevelRead> */
    private array $readings = [];
    /** @var list<LevelRead> those that count */
    private array $counted = [];

    public function __construct(private readonly LevelsRead $levels, private readonly Lines $lines) {}

    /** @return list<LevelRead> what stands, oldest first */
    public function readings(): array
    {
        $this->learnt();

        return $this->readings;
    }

    /** @return list<string> the entries that do not agree with the rest */
    public function doubtful(): array
    {
        return array_map(fn(int $index): string => $this->counted[$index]->uuid, $this->learnt()->doubtful());
    }

    /** Null: nothing was learnt of it. */
    public function spool(int $spool): ?Taught
    {
        $learnt = $this->learnt();
        $fills = count(array_filter($this->counted, static fn(LevelRead $reading): bool => $reading->spool === $spool));

        return $fills === 0 ? null : new Taught(...[...$learnt->room("spool $spool"), $fills]);
    }

    /** Null: nothing was learnt of it. */
    public function line(int $line): ?Taught
    {
        $learnt = $this->learnt();
        $fills = count(array_filter($this->counted, static fn(LevelRead $reading): bool => $reading->has("line $line")));

        return $fills === 0 ? null : new Taught(...[...$learnt->cell("line $line"), $fills]);
    }

    /** What a plan is told of its spool and its lines; null: nothing was learnt of any of them. */
    public function about(int $spool, ?int $main, ?int $backing): ?ForPlan
    {
        $learnt = $this->learnt();
        $known = array_filter([
            $this->spool($spool), $main === null ? null : $this->line($main), $backing === null ? null : $this->line($backing),
        ]);
        if ($known === [] || !isset($this->shapes[$spool])) {
            return null;
        }
        $all = $this->lines->all();
        $named = array_map(static fn(?int $line): ?string => $line !== null && isset($all[$line]) ? "line $line" : null, [$main, $backing]);

        return ForPlan::from($learnt, "spool $spool", ...$named);
    }

    private function learnt(): Learnt
    {
        if ($this->learnt !== null) {
            return $this->learnt;
        }
        $spools = Spool::inUse()->with('reels')->orderBy('id')->get();
        Spool::readAll($spools);
        foreach ($spools as $spool) {
            try {
                $shape = $spool->spool($spool->reelKind());
            } catch (DomainFault) {
                continue;
            }
            if ($shape->geometry !== null) {
                $this->shapes[$spool->id] = $shape;
            }
        }
        $this->readings = $this->levels->on($this->shapes);
        $this->counted = array_values(array_filter($this->readings, static fn(LevelRead $reading): bool => $reading->counts));
        $shapes = [];
        foreach ($this->shapes as $id => $shape) {
            $shapes["spool $id"] = $shape;
        }
        $lines = [];
        foreach (array_keys($this->lines->all()) as $id) {
            $lines["line $id"] = $this->lines->line($id);
        }

        return $this->learnt = new Learnt($shapes, $lines, array_map(
            static fn(LevelRead $reading): Finished => new Finished(
                "spool $reading->spool",
                $reading->layers,
                $reading->gap,
                $reading->readings,
            ),
            $this->counted,
        ));
    }
}
