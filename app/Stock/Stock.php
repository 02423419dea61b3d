<?php

declare(strict_types=1);

namespace App\Stock;

use App\Database\Row;
use App\Ledger\EventLog;
use App\Ledger\Lines;
use App\Ledger\SpoolStates;
use App\Models\Account;
use App\Models\Filler;
use App\Models\Spool;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Undro\Fill\Role;
use Undro\Units\Length;
use Undro\Upkeep\Supply;

/** Line by line: what is at hand, what a metre costs, what it is enough for, and what is running out. */
final readonly class Stock
{
    public function __construct(private EventLog $log, private SpoolStates $states, private Lines $lines, private Packs $packs) {}

    /** @return list<LineStock> what is running out first, then by name */
    public function lines(): array
    {
        [$used, $known] = $this->used();
        $fills = $this->fills();
        $fillers = Filler::inUse()->orderBy('id')->get()->groupBy('line_product_id');
        $packs = [];
        foreach ($this->packs->all() as $pack) {
            $packs[$pack->line][] = $pack;
        }
        $out = [];
        foreach ($this->lines->all() as $product) {
            $own = array_values($fillers->get($product->id)?->all() ?? []);
            if ($product->archived_at !== null || ($own === [] && !isset($used[$product->id]))) {
                continue;
            }
            $on = array_values(array_filter($fills, static fn(EnoughFor $fill): bool => $fill->line === $product->id));
            $ledger = $this->log->ledger();
            $left = array_map(static fn(Filler $filler): Length => $ledger->length($filler->place()), $own);
            $half = sqrt(array_sum(array_map(
                static fn(Filler $filler): float => ($ledger->half($filler->place())?->inMetres() ?? 0.0) ** 2,
                $own,
            )));
            $gone = Length::metres($used[$product->id] ?? 0.0);
            $supply = Supply::of(array_map(static fn(Filler $filler): Length => $ledger->sure($filler->place()), $own), $gone, self::mains($on), $known[$product->id] ?? 0.0);
            $out[] = new LineStock(
                $product,
                $supply,
                Length::metres(array_sum(array_map(static fn(Length $each): float => $each->inMetres(), $left))),
                Length::metres($half),
                count(array_filter($left, static fn(Length $each): bool => $each->inMetres() > 0)),
                $gone,
                Packs::leastPerMetre($packs[$product->id] ?? []),
                array_values(array_filter(
                    array_map(static fn(EnoughFor $fill): EnoughFor => $fill->times($supply->times($fill->length)), $on),
                    static fn(EnoughFor $fill): bool => $fill->times > 0,
                )),
            );
        }
        $order = static fn(LineStock $line): array => [!$line->supply->runningOut, $line->line->name];
        usort($out, static fn(LineStock $a, LineStock $b): int => $order($a) <=> $order($b));

        return $out;
    }

    /**
     * @param list<EnoughFor> $fills
     *
     * @return list<Length>
     */
    private static function mains(array $fills): array
    {
        $mains = array_values(array_filter($fills, static fn(EnoughFor $fill): bool => $fill->role === Role::Main));

        return array_map(static fn(EnoughFor $fill): Length => $fill->length, $mains);
    }

    /** @return array{array<int, float>, array<int, float>} metres that came off fillers in the last months, and months since the first did, by line */
    private function used(): array
    {
        $out = $this->log->takenBack();
        $now = Carbon::now('UTC');
        $from = $now->copy()->subMonths(Supply::MONTHS)->format('Y-m-d\TH:i:s.v\Z');
        $moves = DB::table('event_moves')->join('events', 'events.id', '=', 'event_moves.event_id')
            ->where('events.account_id', Account::current()->id)
            ->where('from_kind', 'filler')->where('to_kind', 'spool');
        $known = [];
        $first = (clone $moves)->groupBy('line_product_id')->selectRaw('line_product_id, min(happened_at) as since');
        foreach (Row::all($first) as $row) {
            $known[$row->int('line_product_id')] = Carbon::parse($row->text('since'))->diffInMonths($now);
        }
        $used = [];
        foreach (Row::all($moves->where('events.happened_at', '>=', $from), ['events.uuid', 'line_product_id', 'length_m']) as $row) {
            if (!isset($out[$row->text('uuid')])) {
                $used[$row->int('line_product_id')] = ($used[$row->int('line_product_id')] ?? 0.0) + $row->float('length_m');
            }
        }

        return [$used, $known];
    }

    /** @return list<EnoughFor> what lies on the spools, as it was filled */
    private function fills(): array
    {
        $fills = [];
        foreach (Row::ints(Spool::inUse()->orderBy('id'), 'id') as $spool) {
            foreach ($this->states->filled($spool)?->stretches() ?? [] as $each) {
                $fills[] = new EnoughFor($spool, $each->role, $each->line, $each->length);
            }
        }

        return $fills;
    }
}
