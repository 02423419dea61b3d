<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Allocation\BadAllocation;
use Undro\Allocation\Choices;
use Undro\Allocation\Part;
use Undro\Allocation\Source;
use Undro\Input\Bounds;
use Undro\Input\Input;

/** Reads what the rack and the list of packs have, and what is said of where the line is to come from. */
final class AllocationInput
{
    public const NAME = 80;
    private const PRICE = [0.0, 100_000.0];

    /** @throws \Undro\DomainFault */
    public static function choices(Input $in): Choices
    {
        $forbid = [];
        foreach ($in->objects('forbid', 0, 500) as $each) {
            $forbid[$each->text('job', self::NAME)][$each->choice('part', Part::class)->value][] = $each->text('source', self::NAME);
        }
        $pin = [];
        foreach ($in->objects('pin', 0, 500) as $each) {
            $pin[$each->text('job', self::NAME)][$each->choice('part', Part::class)->value] = $each->text('source', self::NAME);
        }

        return new Choices(
            $pin,
            $forbid,
            (int) $in->number('backing_pieces_max', 1, 2, 1) === 2,
            $in->optionalMetres('useful_m', 0, Bounds::LENGTH_M[1]),
        );
    }

    /** @return list<Source> @throws \Undro\DomainFault */
    public static function fillers(Input $in): array
    {
        $fillers = [];
        foreach ($in->objects('fillers', 0, 500) as $filler) {
            $id = self::name($filler, 'id');
            !isset($fillers[$id]) || throw BadAllocation::twice('fillers', $id);
            $fillers[$id] = Source::filler($id, self::name($filler, 'line'), $filler->metres('length_m', ...Bounds::LENGTH_M));
        }

        return array_values($fillers);
    }

    /** @return list<Source> @throws \Undro\DomainFault */
    public static function packs(Input $in): array
    {
        $packs = [];
        foreach ($in->objects('packs', 0, 100) as $place => $pack) {
            $packs[] = Source::pack(
                $place,
                self::name($pack, 'line'),
                $pack->metres('length_m', ...Bounds::LENGTH_M),
                $pack->number('price', ...self::PRICE),
            );
        }

        return $packs;
    }

    /** @throws \Undro\DomainFault if it is empty */
    public static function name(Input $in, string $key): string
    {
        $name = $in->text($key, self::NAME);

        return $name !== '' ? $name : $in->make(static fn(): never => throw new BadAllocation($key, 'The name is missing.'));
    }
}
