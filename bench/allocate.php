<?php

declare(strict_types=1);

/**
 * Bench days: how long the largest takes, and fifty small ones against Debian's glpsol, which solves the same as a mixed
 * integer programme: least cost first, then least waste at that cost.
 */

use Undro\Contract\Compute;
use Undro\Statistics\RandomSource;

require __DIR__ . '/../vendor/autoload.php';

const SMALL = 50;
const USEFUL_M = 50;

/** @return array<string, mixed> */
function day(int $seed, int $jobs, int $fillers, int $lines, int $parts): array
{
    $chance = new RandomSource($seed);
    $pick = static fn(int $count): int => (int) ($chance->uniform() * $count);
    $case = ['jobs' => [], 'fillers' => [], 'packs' => [], 'backing_pieces_max' => $parts, 'useful_m' => USEFUL_M];
    for ($i = 0; $i < $jobs; ++$i) {
        $case['jobs'][] = [
            'id' => "j$i",
            'main' => ['line' => 'b' . $pick($lines), 'length_m' => 80 + 10 * $pick(13)],
            'backing' => [
                'lines' => array_values(array_unique(['n' . $pick(3), 'n' . $pick(3)])),
                'length_m' => round(30 + 120 * $chance->uniform(), 1),
            ],
        ];
    }
    for ($i = 0; $i < $fillers; ++$i) {
        $case['fillers'][] = [
            'id' => "f$i",
            'line' => $chance->uniform() < 0.5 ? 'b' . $pick($lines) : 'n' . $pick(3),
            'length_m' => round(30 + 400 * $chance->uniform(), 1),
        ];
    }
    for ($i = 0; $i < $lines; ++$i) {
        $case['packs'][] = ['line' => "b$i", 'length_m' => 150, 'price' => 15 + $pick(6)];
        $case['packs'][] = ['line' => "b$i", 'length_m' => 300, 'price' => 27 + $pick(10)];
    }
    foreach ([300 => 6.5, 600 => 9.5, 1000 => 12.0] as $length => $price) {
        $case['packs'][] = ['line' => 'n' . count($case['packs']) % 3, 'length_m' => $length, 'price' => $price];
    }

    return $case;
}

/**
 * The same by glpsol.
 *
 * @param array<string, mixed> $case
 *
 * @return array{float, float}|null cost and waste; null: not solved in time, or impossible
 */
function exact(array $case): ?array
{
    $pieces = [];
    foreach ($case['jobs'] as $job) {
        $pieces[] = [[$job['main']['line']], $job['main']['length_m']];
        $pieces[] = [$job['backing']['lines'], $job['backing']['length_m']];
    }
    $sources = array_map(static fn(array $filler): array => [$filler['line'], $filler['length_m'], 0], $case['fillers']);
    foreach ($case['packs'] as $pack) {
        for ($copy = 0; $copy < count($case['jobs']); ++$copy) {
            $sources[] = [$pack['line'], $pack['length_m'], $pack['price']];
        }
    }
    $rows = [];
    $binary = [];
    $bounds = [];
    $cost = [];
    $waste = [];
    $given = [];
    foreach ($sources as $s => [$line, $length, $price]) {
        $taken = [];
        foreach ($pieces as $p => [$lines, $needs]) {
            if (in_array($line, $lines, true) && $needs <= $length) {
                $taken[] = "$needs x{$p}_$s";
                $given[$p][] = "x{$p}_$s";
                $binary[] = "x{$p}_$s";
            }
        }
        if ($taken === []) {
            continue;
        }
        $sum = implode(' + ', $taken);
        $rows[] = "$sum - $length u$s <= 0";
        // long: what is left is of use; what is left of a source that is cut and not long is waste
        $rows[] = "$sum + " . USEFUL_M . " long$s <= $length";
        $rows[] = "w$s + $sum - $length u$s + $length long$s >= 0";
        array_push($binary, "u$s", "long$s");
        $cost[] = "$price u$s";
        $waste[] = "w$s";
    }
    foreach ($pieces as $p => $_) {
        $rows[] = implode(' + ', $given[$p] ?? ['0 nothing']) . ' = 1';
    }
    $best = solved($cost, $rows, $binary);
    if ($best === null) {
        return null;
    }
    $least = solved($waste, [...$rows, implode(' + ', $cost) . ' <= ' . ($best + 1e-6)], $binary);

    return $least === null ? null : [$best, $least];
}

/**
 * @param list<string> $towards
 * @param list<string> $rows
 * @param list<string> $binary
 */
function solved(array $towards, array $rows, array $binary): ?float
{
    $file = (string) tempnam(sys_get_temp_dir(), 'undro');
    file_put_contents(
        $file,
        'minimize of: '
            . implode("\n + ", $towards)
            . "\nsubject to\n"
            . implode("\n", $rows)
            . "\nbinary\n"
            . implode("\n", $binary)
            . "\nend\n",
    );
    exec('glpsol --lp ' . escapeshellarg($file) . ' --tmlim 10 --cuts --write ' . escapeshellarg("$file.out") . ' 2>&1', $said);
    $out = (string) @file_get_contents("$file.out");
    array_map(unlink(...), array_filter([$file, "$file.out"], is_file(...)));

    return preg_match('/^s mip \d+ \d+ o (\S+)/m', $out, $found) === 1 ? (float) $found[1] : null;
}

foreach ([1, 2] as $parts) {
    $longest = 0.0;
    $said = [];
    for ($seed = 1; $seed <= 10; ++$seed) {
        $begun = microtime(true);
        $found = Compute::run('allocate', day($seed, 40, 60, 9, $parts));
        $longest = max($longest, microtime(true) - $begun);
        $said[] = sprintf('%.1f', $found['cost'] - $found['cost_bound']);
    }
    printf(
        "bench day, 40 reels and 60 fillers, backing in up to %d: longest of 10 %.2f s (limit 2); cost above its bound: %s\n",
        $parts,
        $longest,
        implode(', ', $said),
    );
}

$agree = $wasteAgrees = $compared = $certain = 0;
for ($seed = 1; $seed <= SMALL; ++$seed) {
    $case = day($seed, 4 + $seed % 3, 8, 3, 1);
    $exact = exact($case);
    if ($exact === null) {
        continue;
    }
    $found = Compute::run('allocate', $case);
    ++$compared;
    $certain += $found['optimal'] ? 1 : 0;
    $agree += abs($found['cost'] - $exact[0]) < 1e-4 ? 1 : 0;
    $wasteAgrees += abs($found['waste_m'] - $exact[1]) < 1e-3 ? 1 : 0;
}
printf(
    "against glpsol, %d bench days (%d not solved by it in 10 s): cost the same in %d, waste the same in %d, said to be the best in %d\n",
    $compared,
    SMALL - $compared,
    $agree,
    $wasteAgrees,
    $certain,
);
