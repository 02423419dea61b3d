<?php

declare(strict_types=1);

namespace Undro\Allocation;

/**
 * The order of work for one pair of hands: all old line comes off first, as one block; then the soaks, which run by themselves, so those fillers are put into the water first, the
 * longest soak first, and what needs no soak is wound while they lie there. Winding goes on without a gap wherever
 * something is ready.
 */
final class Timeline
{
    /** Putting a filler into the water, or taking the next reel in hand. Ours. */
    public const HANDLING_MIN = 1.0;
    /** A soak as short as this, of fluorocarbon, is done right before it is wound: it is never left lying to wait. */
    private const SHORT_MIN = 2.0;

    /**
     * @param array<string, array{soak: float, work: float, strip?: float}> $jobs minutes in the water before, in hand, and for the old
     *                                                                           line, by job
     *
     * @return array{total: float, order: list<string>, bars: list<array{job: string, what: string, from: float, to: float}>}
     */
    public static function of(array $jobs): array
    {
        $bars = [];
        $now = 0.0;
        foreach ($jobs as $job => $needs) {
            if (($needs['strip'] ?? 0.0) > 0) {
                $bars[] = ['job' => (string) $job, 'what' => 'strip', 'from' => $now, 'to' => $now += $needs['strip']];
            }
        }
        $ready = [];
        $soaked = array_filter($jobs, static fn(array $job): bool => $job['soak'] > self::SHORT_MIN);
        uasort($soaked, static fn(array $a, array $b): int => $b['soak'] <=> $a['soak']);
        foreach ($soaked as $job => $needs) {
            $bars[] = ['job' => (string) $job, 'what' => 'hands', 'from' => $now, 'to' => $now += self::HANDLING_MIN];
            $bars[] = ['job' => (string) $job, 'what' => 'soak', 'from' => $now, 'to' => $now + $needs['soak']];
            $ready[$job] = $now + $needs['soak'];
        }
        $left = $jobs;
        $order = [];
        while ($left !== []) {
            // of what is ready the longest first; where nothing is, what is ready next
            $may = array_filter(
                $left,
                static fn(array $job, int|string $name): bool => ($ready[$name] ?? 0.0) <= $now + 1e-9,
                ARRAY_FILTER_USE_BOTH,
            );
            if ($may === []) {
                $now = min(array_map(static fn(int|string $name): float => $ready[$name] ?? 0.0, array_keys($left)));
                continue;
            }
            uasort($may, static fn(array $a, array $b): int => $b['work'] <=> $a['work']);
            $job = array_key_first($may);
            if ($left[$job]['soak'] > 0 && $left[$job]['soak'] <= self::SHORT_MIN) {
                $bars[] = ['job' => (string) $job, 'what' => 'hands', 'from' => $now, 'to' => $now += self::HANDLING_MIN];
                $bars[] = ['job' => (string) $job, 'what' => 'soak', 'from' => $now, 'to' => $now += $left[$job]['soak']];
            }
            $bars[] = ['job' => (string) $job, 'what' => 'work', 'from' => $now, 'to' => $now += self::HANDLING_MIN + $left[$job]['work']];
            $order[] = (string) $job;
            unset($left[$job]);
        }

        return ['total' => $now, 'order' => $order, 'bars' => $bars];
    }
}
