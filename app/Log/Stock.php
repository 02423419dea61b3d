<?php

declare(strict_types=1);

namespace App\Log;

use App\Http\Resources\LineResource;
use App\Models\Account;
use App\Models\Filler;
use App\Models\LinePack;
use App\Models\Spool;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Undro\DomainFault;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Units\Length;
use Undro\Units\Price;
use Undro\Upkeep\Supply;

/** Line by line: what is at hand, what a metre costs, what it is enough for, and what is running out. */
final readonly class Stock
{
    public function __construct(private EventLog $log) {}

    /** @return list<array<string, mixed>> by name */
    public function lines(): array
    {
        $used = $this->used();
        $fills = $this->fills();
        $packs = self::packs();
        $fillers = Filler::inUse()->orderBy('id')->get()->groupBy('line_product_id');
        $out = [];
        foreach ($this->log->products() as $product) {
            $own = $fillers[$product->id] ?? null;
            if ($product->archived_at !== null || ($own === null && !isset($used[$product->id]))) {
                continue;
            }
            $on = array_values(array_filter($fills, static fn(array $fill): bool => $fill['line'] === $product->id));
            $left = array_values(array_map(fn(Filler $filler): Length => $this->log->ledger()->length(Place::of(PlaceKind::Filler, $filler->id)), $own?->all() ?? []));
            $supply = Supply::of($left, Length::metres($used[$product->id] ?? 0.0), array_values(array_map(static fn(array $fill): Length => Length::metres($fill['length_m']), array_filter($on, static fn(array $fill): bool => $fill['role'] === 'main'))));
            $out[] = [
                'line' => LineResource::facts($product),
                'left_m' => $supply->left->inMetres(),
                'fillers' => count(array_filter($left, static fn(Length $each): bool => $each->inMetres() > 0)),
                'longest_m' => $supply->longest->inMetres(),
                'used_m' => $used[$product->id] ?? 0.0,
                'months_left' => $supply->monthsLeft,
                'running_out' => $supply->runningOut,
                'per_metre' => self::perMetre($packs[$product->id] ?? []),
                'enough_for' => array_values(array_filter(
                    array_map(static fn(array $fill): array => array_diff_key($fill, ['line' => true]) + ['times' => $supply->times(Length::metres($fill['length_m']))], $on),
                    static fn(array $fill): bool => $fill['times'] > 0,
                )),
            ];
        }
        usort($out, static fn(array $a, array $b): int => [!$a['running_out'], $a['line']['name']] <=> [!$b['running_out'], $b['line']['name']]);

        return $out;
    }

    /**
     * Packs as they can be bought: the angler's own list, and what was bought before with its price.
     *
     * @return array<int, list<array{id: int|null, length_m: float, length: string, price: string}>> by line
     */
    public static function packs(): array
    {
        $packs = [];
        foreach (LinePack::inUse()->orderBy('id')->get() as $pack) {
            $packs[$pack->line_product_id][] = ['id' => $pack->id, 'length_m' => $pack->length_m, 'length' => $pack->length_typed, 'price' => $pack->price];
        }
        foreach (Filler::query()->where('price', '!=', '')->orderByDesc('id')->get() as $filler) {
            $known = array_column($packs[$filler->line_product_id] ?? [], 'length_m');
            if (!in_array($filler->full_length_m, $known, false)) {
                $packs[$filler->line_product_id][] = ['id' => null, 'length_m' => $filler->full_length_m, 'length' => $filler->full_length_typed, 'price' => $filler->price];
            }
        }

        return $packs;
    }

    /**
     * The least a metre costs.
     *
     * @param list<array{id: int|null, length_m: float, length: string, price: string}> $packs
     *
     * @return array{amount: float, money: string}|null
     */
    private static function perMetre(array $packs): ?array
    {
        $best = null;
        foreach ($packs as $pack) {
            try {
                $price = Price::read($pack['price'])->times(1 / $pack['length_m']);
            } catch (DomainFault) {
                continue;
            }
            $best = $best === null || $price->amount < $best->amount ? $price : $best;
        }

        return $best === null ? null : ['amount' => $best->amount, 'money' => $best->money];
    }

    /** @return array<int, float> metres that came off fillers in the last months, by line */
    private function used(): array
    {
        $out = $this->log->takenBack();
        $from = Carbon::now('UTC')->subMonths(Supply::MONTHS)->format('Y-m-d\TH:i:s.v\Z');
        $used = [];
        /** @var object{uuid: string, line_product_id: int, length_m: float} $row */
        foreach (DB::table('event_moves')->join('events', 'events.id', '=', 'event_moves.event_id')->where('events.account_id', Account::current()->id)->where('events.happened_at', '>=', $from)->where('from_kind', 'filler')->where('to_kind', 'spool')->get(['events.uuid', 'line_product_id', 'length_m']) as $row) {
            if (!isset($out[$row->uuid])) {
                $used[$row->line_product_id] = ($used[$row->line_product_id] ?? 0.0) + $row->length_m;
            }
        }

        return $used;
    }

    /** @return list<array{spool: int, role: string, line: int, length_m: float}> what lies on the spools, as it was filled */
    private function fills(): array
    {
        $fills = [];
        foreach (Spool::query()->whereNull('archived_at')->orderBy('id')->get() as $spool) {
            $filled = $this->log->filled($spool->id);
            foreach ($filled as $line => $metres) {
                $fills[] = ['spool' => $spool->id, 'role' => $line === array_key_last($filled) ? 'main' : 'backing', 'line' => $line, 'length_m' => $metres];
            }
        }

        return $fills;
    }
}
