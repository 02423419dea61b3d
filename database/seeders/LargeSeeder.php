<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Ledger\EventLog;
use App\Models\Account;
use App\Models\Angler;
use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Plan;
use App\Models\Spool;
use Database\Factories\FillerFactory;
use Database\Factories\LineProductFactory;
use Database\Factories\ReelFactory;
use Database\Factories\SpoolFactory;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A tackle shop's worth: 300 reels, 500 fillers and 5,000 fills, to measure speed with. Each fill goes on and comes off
 * again to the fillers it came from, but the last on each spool.
 */
final class LargeSeeder extends Seeder
{
    private const REELS = 300;
    private const FILLERS = 500;
    private const FILLS = 5000;
    private const BACKING_M = 60.0;
    private const MAIN_M = 100.0;

    /** @var list<array<string, mixed>> */
    private array $moves = [];

    public function run(EventLog $log): void
    {
        mt_srand(1);
        DB::transaction(function () use ($log): void {
            $angler = Angler::query()->create(['name' => 'Shop'])->id;
            $lines = $this->lines();
            [$nylons, $braids] = $this->fillers($lines);
            $spools = $this->spools($angler);
            $this->fills($angler, $spools, $nylons, $braids);
            Plan::query()->create(['name' => 'Shelf 000', 'angler_id' => $angler, 'spool_id' => $spools[0]->id, 'draft' => [
                'stamp' => '0.25/240 0.30/170',
                'lipMm' => '46 mm',
                'traverseMm' => '19 mm',
                'gear' => '5.2',
                'spool' => (string) $spools[0]->id,
                'mainMaterial' => 'braid',
                'mainSize' => '0.16 mm',
                'mainLength' => '150 m',
                'backingMaterial' => 'mono',
                'backingSize' => '0.30 mm',
            ]]);
            $log->forget();
            $log->ledger();
        });
    }

    /** @return array{list<LineProduct>, list<LineProduct>} nylon and braid */
    private function lines(): array
    {
        $made = ['mono' => [], 'braid' => []];
        for ($i = 0; $i < 40; ++$i) {
            $material = $i % 2 === 0 ? 'mono' : 'braid';
            $made[$material][] = LineProductFactory::new()->createOne([
                'name' => "Row $i $material",
                'material' => $material,
                'size' => sprintf('%.2F mm', ($material === 'mono' ? 0.22 : 0.10) + 0.004 * $i),
                'strength' => sprintf('%d kg', 3 + $i % 12),
            ]);
        }

        return [$made['mono'], $made['braid']];
    }

    /**
     * @param array{list<LineProduct>, list<LineProduct>} $lines
     *
     * @return array{list<Filler>, list<Filler>}
     */
    private function fillers(array $lines): array
    {
        $made = [[], []];
        $when = $this->when(4000);
        for ($i = 0; $i < self::FILLERS; ++$i) {
            $line = $lines[$i % 2][intdiv($i, 2) % 20];
            $filler = $made[$i % 2][] = FillerFactory::new()->createOne(['line_product_id' => $line->id]);
            $this->event('bought', $when, [['shop', 0, 'filler', $filler->id, 1000.0, $line->id]], null);
        }

        return $made;
    }

    /** @return list<Spool> */
    private function spools(int $angler): array
    {
        $spools = [];
        for ($i = 0; $i < self::REELS; ++$i) {
            $kind = ['spinning', 'spinning', 'baitcasting', 'spincast'][$i % 4];
            $reel = ReelFactory::new()->createOne(['angler_id' => $angler, 'name' => sprintf('Shelf %03d', $i), 'kind' => $kind]);
            $spool = SpoolFactory::new()->createOne([
                'lip' => $kind === 'spinning' ? 'bevelled' : 'straight',
                'measures' => ['lip_diameter' => '46 mm', 'traverse' => '19 mm'],
            ]);
            $spool->reels()->attach($reel);
            $spools[] = $spool;
        }

        return $spools;
    }

    /**
     * @param list<Spool>  $spools
     * @param list<Filler> $nylons
     * @param list<Filler> $braids
     */
    private function fills(int $angler, array $spools, array $nylons, array $braids): void
    {
        $on = [];
        for ($i = 0; $i < self::FILLS; ++$i) {
            $spool = $spools[$i % self::REELS]->id;
            $when = $this->when(3500 - (int) (3500 * $i / self::FILLS));
            if (isset($on[$spool])) {
                [$nylon, $braid] = $on[$spool];
                $this->event('stripped', $when, [
                    ['spool', $spool, 'filler', $braid->id, self::MAIN_M, $braid->line_product_id],
                    ['spool', $spool, 'filler', $nylon->id, self::BACKING_M, $nylon->line_product_id],
                ], $angler);
            }
            [$nylon, $braid] = $on[$spool] = [$nylons[$i % count($nylons)], $braids[$i % count($braids)]];
            $this->event('wound', $when, [
                ['filler', $nylon->id, 'spool', $spool, self::BACKING_M, $nylon->line_product_id],
                ['filler', $braid->id, 'spool', $spool, self::MAIN_M, $braid->line_product_id],
            ], $angler);
        }
        foreach (array_chunk($this->moves, 500) as $chunk) {
            DB::table('event_moves')->insert($chunk);
        }
    }

    /** @param list<array{string, int, string, int, float, int}> $moves */
    private function event(string $kind, string $when, array $moves, ?int $angler): void
    {
        $id = DB::table('events')->insertGetId([
            'uuid' => (string) Str::uuid(), 'account_id' => Account::current()->id, 'angler_id' => $angler,
            'kind' => $kind, 'happened_at' => $when, 'recorded_at' => $when,
        ]);
        foreach ($moves as [$from, $fromId, $to, $toId, $length, $line]) {
            $this->moves[] = [
                'event_id' => $id,
                'from_kind' => $from,
                'from_id' => $fromId,
                'to_kind' => $to,
                'to_id' => $toId,
                'length_m' => $length,
                'line_product_id' => $line,
            ];
        }
    }

    private function when(int $daysAgo): string
    {
        return Carbon::now('UTC')->subDays($daysAgo)->format('Y-m-d\TH:i:s.v\Z');
    }
}
