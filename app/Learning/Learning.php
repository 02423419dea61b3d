<?php

declare(strict_types=1);

namespace App\Learning;

use App\Ledger\Lines;
use App\Models\Spool;
use Undro\DomainFault;
use Undro\Learning\BadLearning;
use Undro\Learning\Expected;
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
    /** @var list<LevelRead> those that were not left out for good */
    private array $fills = [];
    /** @var array<string, true> entries that were kept once and are nonsense beside what was read since: asked about again */
    private array $dropped = [];

    public function __construct(private readonly LevelsRead $levels, private readonly Lines $lines) {}

    /** @return list<LevelRead> what stands, oldest first */
    public function readings(): array
    {
        $this->learnt();

        return $this->readings;
    }

    /**
     * The readings that do not agree with the rest, do not count, and are asked about.
     *
     * @return array<string, Expected|null> the gap that was expected of each, by its entry
     */
    public function asked(): array
    {
        $learnt = $this->learnt();
        $asked = [];
        foreach ($learnt->outliers() as $index) {
            $asked[$this->fills[$index]->uuid] = $learnt->expected($index);
        }

        return $asked;
    }

    /** @return list<LevelRead> the readings asked about that speak of a spool, or of a line on any spool */
    public function askedOf(?int $spool, ?int ...$lines): array
    {
        $asked = $this->asked();

        return array_values(array_filter($this->fills, static fn(LevelRead $reading): bool => array_key_exists($reading->uuid, $asked)
            && ($reading->spool === $spool || array_filter(
                $lines,
                static fn(?int $line): bool => $line !== null && $reading->has("line $line"),
            ) !== [])));
    }

    /** Null: nothing was learnt of it. */
    public function spool(int $spool): ?Taught
    {
        $learnt = $this->learnt();

        return isset($this->shapes[$spool]) ? $learnt->ofSpool("spool $spool") : null;
    }

    /** Null: nothing was learnt of it. */
    public function line(int $line): ?Taught
    {
        $learnt = $this->learnt();

        return isset($this->lines->all()[$line]) ? $learnt->ofLine("line $line") : null;
    }

    /** @return array<string, float> the factors on rooms and cells of which something was learnt, by "spool 7" and "line 3" */
    public function factors(): array
    {
        $this->learnt();
        $factors = [];
        foreach (array_keys($this->shapes) as $spool) {
            $factors["spool $spool"] = $this->spool($spool)?->factor;
        }
        foreach (array_keys($this->lines->all()) as $line) {
            $factors["line $line"] = $this->line($line)?->factor;
        }

        return array_filter($factors);
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

    /**
     * A reading that was just said to count all the same must not make nonsense of all others.
     *
     * @throws DomainFault naming the reading
     */
    public function check(string $uuid): void
    {
        $this->learnt = null;
        $this->learnt();
        foreach ($this->fills as $reading) {
            $reading->uuid !== $uuid || !isset($this->dropped[$uuid]) || throw BadLearning::cannotCount($reading->gap);
        }
    }

    private function learnt(): Learnt
    {
        if ($this->learnt !== null) {
            return $this->learnt;
        }
        $this->readShapes();
        $this->readings = $this->levels->on($this->shapes);
        $this->fills = array_values(array_filter($this->readings, static fn(LevelRead $reading): bool => $reading->counts));
        $shapes = [];
        foreach ($this->shapes as $id => $shape) {
            $shapes["spool $id"] = $shape;
        }
        $lines = [];
        foreach (array_keys($this->lines->all()) as $id) {
            $lines["line $id"] = $this->lines->line($id);
        }
        $this->dropped = [];
        while (true) {
            try {
                return $this->learnt = new Learnt($shapes, $lines, array_map(
                    fn(LevelRead $reading): Finished => new Finished(
                        "spool $reading->spool",
                        $reading->layers,
                        $reading->gap,
                        $reading->readings,
                        $reading->keep && !isset($this->dropped[$reading->uuid]),
                    ),
                    $this->fills,
                ));
            } catch (BadLearning $fault) {
                $this->dropped[$this->fills[$fault->fill ?? throw $fault]->uuid] = true;
            }
        }
    }

    private function readShapes(): void
    {
        $spools = Spool::inUse()->with('reels')->orderBy('id')->get();
        Spool::readAll($spools);
        $this->shapes = [];
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
    }
}
