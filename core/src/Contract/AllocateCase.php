<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Allocation\Allocation;
use Undro\Allocation\Allocator;
use Undro\Allocation\BadAllocation;
use Undro\Allocation\Part;
use Undro\Allocation\Piece;
use Undro\Allocation\Source;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Units\Length;

/** "allocate": which filler or new pack feeds which spool on a bench day. */
final class AllocateCase implements Calculator
{
    private const JOBS = 200;
    private const NAME = 80;
    private const PRICE = [0.0, 100_000.0];
    private const MICRO = 1e6;
    private const MONEY = 1e4;
    /** The shortest part of backing in two pieces, m. */
    private const LEAST_M = 10.0;
    public const USEFUL_M = 50.0;

    /**
     * @return array{cuts: list<array{job: string, part: string, source: string, length_m: float}>, buy: list<array{pack: int, count: int}>, cost: float, waste_m: float, sources: int, optimal: bool, cost_bound: float}
     *
     * @throws \Undro\DomainFault
     */
    public static function compute(Input $in): array
    {
        $two = (int) $in->number('backing_pieces_max', 1, 2, 1) === 2;
        $pieces = [];
        $jobs = [];
        $not = [];
        $only = [];
        foreach ($in->objects('forbid', 0, 500) as $each) {
            $not[$each->text('job', self::NAME)][$each->choice('part', Part::class)->value][] = $each->text('source', self::NAME);
        }
        foreach ($in->objects('pin', 0, 500) as $each) {
            $only[$each->text('job', self::NAME)][$each->choice('part', Part::class)->value] = $each->text('source', self::NAME);
        }
        foreach ($in->objects('jobs', 0, self::JOBS) as $job) {
            $id = self::name($job, 'id');
            !isset($jobs[$id]) || throw BadAllocation::twice('jobs', $id);
            $jobs[$id] = true;
            $main = $job->object('main');
            $pieces[] = new Piece($id, Part::Main, [self::name($main, 'line')], self::length($main), false, $not[$id]['main'] ?? [], $only[$id]['main'] ?? null);
            $backing = $job->has('backing') ? $job->object('backing') : null;
            if ($backing !== null && self::length($backing) > 0) {
                $lines = array_map(strval(...), $backing->texts('lines', 1, 50, self::NAME));
                $pieces[] = new Piece($id, Part::Backing, array_values(array_unique($lines)), self::length($backing), $two && !isset($only[$id]['backing']), $not[$id]['backing'] ?? [], $only[$id]['backing'] ?? null);
            }
        }
        $pieces = array_values(array_filter($pieces, static fn(Piece $piece): bool => $piece->length > 0));
        $fillers = [];
        foreach ($in->objects('fillers', 0, 500) as $filler) {
            $id = self::name($filler, 'id');
            !isset($fillers[$id]) || throw BadAllocation::twice('fillers', $id);
            $fillers[$id] = new Source($id, self::name($filler, 'line'), self::length($filler));
        }
        $packs = [];
        foreach ($in->objects('packs', 0, 100) as $index => $pack) {
            $packs[] = new Source((string) $index, self::name($pack, 'line'), self::length($pack), (int) round($pack->number('price', ...self::PRICE) * self::MONEY), true);
        }
        $useful = $in->metres('useful_m', 0, Bounds::LENGTH_M[1], self::USEFUL_M);
        $allocator = new Allocator(array_values($fillers), $packs, self::micro($useful), (int) round(self::LEAST_M * self::MICRO));

        return self::result($in->make(static fn(): Allocation => $allocator->solve($pieces)), $pieces);
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return array{cuts: list<array{job: string, part: string, source: string, length_m: float}>, buy: list<array{pack: int, count: int}>, cost: float, waste_m: float, sources: int, optimal: bool, cost_bound: float}
     */
    private static function result(Allocation $found, array $pieces): array
    {
        $cuts = [];
        $bought = [];
        foreach ($found->bins as $bin) {
            $source = $bin->source->id;
            if ($bin->source->bought) {
                $bought[$source] = ($bought[$source] ?? 0) + 1;
                $source = sprintf('pack:%s:%d', $source, $bought[$source] - 1);
            }
            foreach ($bin->cuts as [$number, $length]) {
                $cuts[] = ['number' => $number, 'job' => $pieces[$number]->job, 'part' => $pieces[$number]->part->value, 'source' => $source, 'length_m' => $length / self::MICRO];
            }
        }
        usort($cuts, static fn(array $a, array $b): int => [$a['number'], $b['length_m']] <=> [$b['number'], $a['length_m']]);
        ksort($bought);

        return [
            'cuts' => array_map(static fn(array $cut): array => ['job' => $cut['job'], 'part' => $cut['part'], 'source' => $cut['source'], 'length_m' => $cut['length_m']], $cuts),
            'buy' => array_map(static fn(int|string $pack, int $count): array => ['pack' => (int) $pack, 'count' => $count], array_keys($bought), $bought),
            'cost' => $found->worth->cost / self::MONEY,
            'waste_m' => $found->worth->waste / self::MICRO,
            'sources' => $found->worth->sources,
            'optimal' => $found->optimal,
            'cost_bound' => $found->bound / self::MONEY,
        ];
    }

    private static function name(Input $in, string $key): string
    {
        $name = $in->text($key, self::NAME);

        return $name !== '' ? $name : $in->make(static fn(): never => throw new BadAllocation($key, 'A name is needed.'));
    }

    private static function length(Input $in): int
    {
        return self::micro($in->metres('length_m', ...Bounds::LENGTH_M));
    }

    private static function micro(Length $length): int
    {
        return (int) round($length->inMetres() * self::MICRO);
    }
}
