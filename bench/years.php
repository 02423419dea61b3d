<?php

declare(strict_types=1);

/**
 * Ten years of four reels a week in the database that is asked for: each week four of a dozen spools are fished, most of them cut
 * back or wound anew in their turn, levels read. Filled by `./undro bench` for its own measure.
 */

use App\Ledger\EventLog;
use App\Ledger\SpoolStates;
use App\Models\Account;
use App\Models\LineProduct;
use App\Models\Spool;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Undro\DomainFault;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Units\Length;

require __DIR__ . '/../vendor/autoload.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const WEEKS = 520;
const A_WEEK = 4;

DB::transaction(static function (): void {
    $account = Account::current()->id;
    $spools = Spool::query()->with(['rating', 'reels'])->orderBy('id')->limit(12)->get();
    $lines = LineProduct::query()->orderBy('id')->limit(4)->get();
    $level = static function (Spool $spool, LineProduct $line): ?float {
        try {
            $shape = $spool->spool($spool->reelKind());
            $layer = Layer::of(Role::Main, $line->line(), Length::metres(100));

            return FillCalculator::solve($shape, $shape->ratedGap, [$layer])->layers[0]->depth?->inMillimetres();
        } catch (DomainFault) {
            return null;
        }
    };
    $event = static fn(string $kind, string $when): int => DB::table('events')->insertGetId(
        [
            'uuid' => (string) Str::uuid(),
            'account_id' => $account,
            'kind' => $kind,
            'happened_at' => $when,
            'recorded_at' => $when,
            'note' => "week of $when",
        ],
    );
    for ($week = 0; $week < WEEKS; ++$week) {
        for ($i = 0; $i < A_WEEK; ++$i) {
            $turn = $week * A_WEEK + $i;
            $on = $spools[$turn % count($spools)] ?? throw new LogicException('the demo has spools');
            $of = $lines[$turn % count($lines)] ?? throw new LogicException('the demo has lines');
            [$spool, $line, $gap] = [$on->id, $of->id, $level($on, $of)];
            $when = Carbon::now('UTC')->subWeeks(WEEKS + 60 - $week)->addHours($i)->format('Y-m-d\TH:i:s.v\Z');
            DB::table('event_moves')->insert(
                [
                    'event_id' => $event('wound', $when),
                    'from_kind' => 'shop',
                    'from_id' => 0,
                    'to_kind' => 'spool',
                    'to_id' => $spool,
                    'length_m' => 100,
                    'line_product_id' => $line,
                ],
            );
            if ($gap !== null) {
                DB::table('level_readings')->insert(
                    [
                        'event_id' => $event('measured', $when),
                        'spool_id' => $spool,
                        'gap_typed' => sprintf('%.1F mm', $gap),
                        'gap_mm' => round($gap + 0.1 * ($turn % 5 - 2), 1),
                        'readings' => 3,
                        'counts' => true,
                    ],
                );
            }
            DB::table('outings')->insert(
                [
                    'event_id' => $event('fished', $when),
                    'spool_id' => $spool,
                    'hours' => 3,
                    'sun' => false,
                    'rough' => false,
                    'cast_m' => 50,
                    'run_m' => null,
                ],
            );
            DB::table('event_moves')->insert(
                [
                    'event_id' => $event('stripped', Carbon::parse($when)->addDays(5)->format('Y-m-d\TH:i:s.v\Z')),
                    'from_kind' => 'spool',
                    'from_id' => $spool,
                    'to_kind' => 'waste',
                    'to_id' => 0,
                    'length_m' => 100,
                    'line_product_id' => $line,
                ],
            );
        }
    }
    app(EventLog::class)->forget();
});
$begun = microtime(true);
app(EventLog::class)->readAgain();
app(SpoolStates::class)->of(1);
printf(
    "ten years of four reels a week: %d entries, all of them read anew in %.0f ms\n",
    DB::table('events')->count(),
    1000 * (microtime(true) - $begun),
);
