<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Angler;
use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Reel;
use App\Models\Spool;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Input\Input;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Spool\Usual;
use Undro\Units\Price;

/** A bench day: spools with the fills that are wanted, what the rack and the list of packs give for them. */
final readonly class Day
{
    public function __construct(private EventLog $log, private Learning $learning) {}

    /**
     * What is usually wanted on a spool: what lies on it, new and as long as it was wound.
     *
     * @return array<string, mixed>|null null: nothing lies on it
     */
    public function usual(Reel $reel, Spool $spool): ?array
    {
        $filled = $this->log->filled($spool->id);
        $main = array_key_last($filled);

        return $main === null ? null : [
            'reel' => $reel->id,
            'spool' => $spool->id,
            'main' => $main,
            'length' => sprintf('%d m', (int) round($filled[$main])),
            'backing' => count($filled) > 1 ? array_key_first($filled) : null,
        ];
    }

    /**
     * @param list<Input> $wanted  reel, spool, main, length, backing
     * @param Input       $choices pin, forbid, pieces, useful
     *
     * @return array<string, mixed>
     *
     * @throws \Undro\DomainFault
     */
    public function propose(array $wanted, Input $choices, ?Angler $angler): array
    {
        $jobs = array_map(fn(Input $job): array => $this->job($job, $angler), $wanted);
        $fillers = Filler::inUse()->orderBy('id')->get();
        $packs = [];
        $labels = [];
        foreach (Stock::packs() as $line => $sizes) {
            foreach ($sizes as $size) {
                try {
                    $price = Price::read($size['price']);
                } catch (DomainFault) {
                    continue;
                }
                $packs[] = ['line' => "line:$line", 'length_m' => $size['length_m'], 'price' => $price->amount];
                $labels[] = ['line' => $line, 'length_m' => $size['length_m'], 'length' => $size['length'], 'price' => ['amount' => $price->amount, 'money' => $price->money]];
            }
        }
        $found = Compute::run('day', [
            'jobs' => $jobs,
            'fillers' => array_values(array_filter($fillers->map(fn(Filler $filler): array => [
                'id' => "filler:$filler->id",
                'line' => "line:$filler->line_product_id",
                'length_m' => $this->log->ledger()->length(Place::of(PlaceKind::Filler, $filler->id))->inMetres(),
            ])->all(), static fn(array $filler): bool => $filler['length_m'] > 0)),
            'packs' => array_slice($packs, 0, 100),
            'backing_pieces_max' => (int) $choices->number('pieces', 1, 2, 1),
            'pin' => array_map(static fn(Input $each): array => $each->all(), $choices->objects('pin', 0, 200)),
            'forbid' => array_map(static fn(Input $each): array => $each->all(), $choices->objects('forbid', 0, 200)),
            'pace_turns_per_min' => $angler->pace_turns_per_min ?? Usual::PACE_TURNS_PER_MIN,
        ]);

        return ['packs' => $labels] + $found;
    }

    /** @return array<string, mixed> as "day" takes it */
    private function job(Input $in, ?Angler $angler): array
    {
        $reel = Reel::query()->findOrFail((int) $in->number('reel', 1, PHP_INT_MAX));
        $spool = Spool::query()->with('rating')->findOrFail((int) $in->number('spool', 1, PHP_INT_MAX));
        $main = LineProduct::query()->findOrFail((int) $in->number('main', 1, PHP_INT_MAX));
        $backing = LineProduct::query()->find((int) ($in->optionalNumber('backing', 1, PHP_INT_MAX) ?? 0));
        $line = static fn(LineProduct $line): array => ['material' => $line->material, 'size' => $line->size_typed, 'size_from' => $line->size_from];

        return [
            'id' => "spool:$spool->id",
            'main_line' => "line:$main->id",
            // any line of the same make-up lies the same and may stand in
            'backing_lines' => $backing === null ? [] : array_values(LineProduct::inUse()->where('material', $backing->material)->where('diameter_mm', $backing->diameter_mm)->pluck('id')->map(static fn(mixed $id): string => 'line:' . (is_numeric($id) ? (int) $id : 0))->all()),
            'plan' => [
                'reel' => $reel->figures($spool),
                'spool' => array_filter($spool->figures(), static fn(mixed $value): bool => $value !== '' && $value !== null),
                'main' => $line($main) + ['length_m' => $in->text('length', 60)],
                'backing' => $backing === null ? null : $line($backing),
                'open' => $backing === null ? 'level' : 'backing',
                'way' => $backing === null ? 'main_only' : 'backing',
                'learnt' => $this->learning->about($spool->id, $main->id, $backing?->id),
            ] + ($angler?->ways() ?? []),
        ];
    }
}
