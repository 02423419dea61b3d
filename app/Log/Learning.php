<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\LevelReading;
use App\Models\LineProduct;
use App\Models\Spool;
use Undro\DomainFault;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\SpoolInput;
use Undro\Learning\Finished;
use Undro\Learning\Learnt;
use Undro\Ledger\Piece;
use Undro\Line\Line;
use Undro\Line\LineSize;
use Undro\Line\Material;
use Undro\Plan\SizeFrom;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool as Shape;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** What the levels that were read teach of spools and lines. Worked out from the log once a request, and only where it is asked for. */
final class Learning
{
    private ?Learnt $learnt = null;
    /** @var array<string, Shape> by number */
    private array $spools = [];
    /** @var array<string, Line> by number */
    private array $lines = [];
    /** @var list<array{uuid: string, happened_at: string, spool: int, gap: string, gap_mm: float, readings: int, counts: bool, layers: list<array{string, Length}>}> */
    private array $readings = [];
    /** @var list<int> of the readings that count, their place among all */
    private array $counted = [];

    public function __construct(private readonly EventLog $log) {}

    /** @return list<array{uuid: string, happened_at: string, spool: int, gap: string, gap_mm: float, readings: int, counts: bool, layers: list<array{string, Length}>}> what stands, oldest first */
    public function readings(): array
    {
        $this->learnt();

        return $this->readings;
    }

    /** @return list<string> the entries that do not agree with the rest */
    public function doubtful(): array
    {
        return array_map(fn(int $index): string => $this->readings[$this->counted[$index]]['uuid'], $this->learnt()->doubtful());
    }

    /** @return array{factor: float, sd: float, fills: int}|null null: nothing was learnt of it */
    public function spool(int $spool): ?array
    {
        $fills = count(array_filter($this->readings(), static fn(array $reading): bool => $reading['counts'] && $reading['spool'] === $spool));

        return $fills === 0 ? null : ['factor' => $this->learnt()->room("spool $spool")[0], 'sd' => $this->learnt()->room("spool $spool")[1], 'fills' => $fills];
    }

    /** @return array{factor: float, sd: float, fills: int}|null */
    public function line(int $line): ?array
    {
        $fills = count(array_filter($this->readings(), static fn(array $reading): bool => $reading['counts'] && in_array("line $line", array_column($reading['layers'], 0), true)));

        return $fills === 0 ? null : ['factor' => $this->learnt()->cell("line $line")[0], 'sd' => $this->learnt()->cell("line $line")[1], 'fills' => $fills];
    }

    /**
     * What a plan is told of its spool and its lines, and how these vary together.
     *
     * @return array<string, mixed>|null null: nothing was learnt of any of them
     */
    public function about(int $spool, ?int $main, ?int $backing): ?array
    {
        $known = array_filter([$this->spool($spool), $main === null ? null : $this->line($main), $backing === null ? null : $this->line($backing)]);
        if ($known === [] || !isset($this->spools["spool $spool"])) {
            return null;
        }
        $lines = [];
        foreach (['main' => $main, 'backing' => $backing] as $role => $line) {
            if ($line !== null && isset($this->lines["line $line"])) {
                $lines[$role] = "line $line";
            }
        }
        $each = array_values(array_unique($lines));
        [$room, $sd] = $this->learnt()->room("spool $spool");
        // readings of nonsense are asked about; no plan follows them
        foreach ([$room, ...array_map(fn(string $line): float => $this->learnt()->cell($line)[0], $each)] as $factor) {
            if ($factor < Bounds::FACTOR[0] || $factor > Bounds::FACTOR[1]) {
                return null;
            }
        }
        $tied = $this->learnt()->correlations("spool $spool", $each);
        $place = [0, ...array_map(static fn(string $role): ?int => isset($lines[$role]) ? 1 + (int) array_search($lines[$role], $each, true) : null, ['main', 'backing'])];

        return [
            'volume_factor' => $room,
            // a plan takes the sd relative to the figure itself
            'volume_sd' => $sd / $room,
            'together' => array_map(static fn(?int $i): array => ['with' => array_map(static fn(?int $j): float => $i === null || $j === null ? 0.0 : max(-1.0, min(1.0, $tied[$i][$j] ?? 0.0)), $place)], $place),
        ] + array_map(function (string $line): array {
            [$cell, $sd] = $this->learnt()->cell($line);

            return ['cell_factor' => $cell, 'cell_sd' => $sd / $cell];
        }, $lines);
    }

    private function learnt(): Learnt
    {
        if ($this->learnt !== null) {
            return $this->learnt;
        }
        $this->shapes();
        foreach (LineProduct::query()->orderBy('id')->get() as $line) {
            $material = Material::from($line->material);
            $this->lines["line $line->id"] = Line::of($material, Diameter::millimetres($line->diameter_mm), 1.0, SizeFrom::from($line->size_from)->cellSd($material, LineSize::read($line->size_typed, $material)));
        }
        $this->read();
        $fills = [];
        foreach ($this->readings as $index => $reading) {
            if ($reading['counts']) {
                $fills[] = new Finished("spool {$reading['spool']}", $reading['layers'], Length::millimetres($reading['gap_mm']), $reading['readings']);
                $this->counted[] = $index;
            }
        }

        return $this->learnt = new Learnt($this->spools, $this->lines, $fills);
    }

    /** Spools whose shape is known well enough to say what a level means. */
    private function shapes(): void
    {
        $spools = Spool::inUse()->with(['rating', 'reels'])->orderBy('id')->get();
        Spool::readMeasures($spools);
        foreach ($spools as $spool) {
            try {
                $in = Input::of($spool->figures());
                $shape = SpoolInput::measuredWith($in, ReelKind::from($spool->reels->first()->kind ?? 'spinning'))[0];
            } catch (DomainFault) {
                continue;
            }
            if ($shape->geometry !== null) {
                $this->spools["spool $spool->id"] = $shape;
            }
        }
    }

    private function read(): void
    {
        $out = $this->log->takenBack();
        $rows = LevelReading::query()->join('events', 'events.id', '=', 'level_readings.event_id')->orderBy('events.happened_at')->orderBy('events.id')->get(['level_readings.*', 'events.uuid', 'events.happened_at']);
        $states = [];
        foreach ($rows as $row) {
            /** @var array{uuid: string, happened_at: string, spool_id: int, gap_typed: string, gap_mm: float, readings: int, counts: int|bool} $is */
            $is = $row->getAttributes();
            $shape = $this->spools["spool {$is['spool_id']}"] ?? null;
            if (isset($out[$is['uuid']]) || $shape === null) {
                continue;
            }
            // readings come oldest first, so each spool's states are gone through once
            $states[$is['spool_id']] ??= ['of' => $this->log->states($is['spool_id']), 'at' => 0];
            $there = &$states[$is['spool_id']];
            while (isset($there['of'][$there['at']]) && $there['of'][$there['at']]['at'] <= $is['happened_at']) {
                ++$there['at'];
            }
            $layers = array_map(static fn(Piece $piece): array => ["line $piece->product", $piece->length], $there['of'][$there['at'] - 1]['pieces'] ?? []);
            unset($there);
            try {
                $shape->fullVolume(Length::millimetres($is['gap_mm']));
            } catch (DomainFault) {
                continue;
            }
            if ($layers !== []) {
                $this->readings[] = ['uuid' => $is['uuid'], 'happened_at' => $is['happened_at'], 'spool' => $is['spool_id'], 'gap' => $is['gap_typed'], 'gap_mm' => $is['gap_mm'], 'readings' => $is['readings'], 'counts' => (bool) $is['counts'], 'layers' => $layers];
            }
        }
    }
}
