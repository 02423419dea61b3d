<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\Role;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\MainLine;
use Undro\Line\Material;
use Undro\Strip\Outcome;
use Undro\Strip\Remaining;
use Undro\Strip\Removal;
use Undro\Units\Length;

/** "strip": what can become of the line on a spool, and what each way comes to. */
final class StripCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "strip".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $pieces = $in->objects('pieces', 1, 100);
        $lengths = array_map(static fn(Input $piece): Length => $piece->metres('length_m', ...Bounds::LENGTH_M), $pieces);
        $begins = MainLine::begins(array_map(self::which(...), $pieces, array_keys($pieces)));
        $main = Length::metres(self::sum(array_slice($lengths, $begins)));
        $outer = $pieces[count($pieces) - 1]->choice('material', Material::class);
        $worn = $in->optionalMetres('worn_m', ...Bounds::LENGTH_M)
            ?? Outcome::usuallyWorn($outer, $begins === count($pieces) ? $lengths[count($pieces) - 1] : $main);
        $ways = $in->make(static fn(): array => Outcome::all(array_slice($lengths, 0, $begins), $main, $worn));

        return [
            'total_m' => self::sum($lengths),
            'main_m' => $main->inMetres(),
            'worn_m' => $worn->inMetres(),
            'caution' => Removal::CAUTION,
            'ways' => array_map(static fn(Outcome $way): array => [
                'id' => $way->removal->value,
                'word' => $way->removal->word(),
                'how' => $way->removal->how(),
                'off_m' => $way->off->inMetres(),
                'stays_m' => $way->stays()->inMetres(),
                'after' => array_map(static fn(Remaining $each): array => [
                    'role' => $each->role->value,
                    'length_m' => $each->length->inMetres(),
                    'reversed' => $each->reversed,
                ], $way->after),
                'passes' => $way->passes,
                'wound_m' => $way->wound->inMetres(),
                'join_lost_m' => $way->joinLost->inMetres(),
                'worn_on_top' => $way->wornOnTop,
                'fits' => $way->fits,
            ], $ways),
        ];
    }

    /**
     * Which line a piece is of: its role where that is said, else its line; a piece of which neither is said is a line of its own.
     *
     * @return int|string|null as the main line is told by
     */
    private static function which(Input $piece, int $place): int|string|null
    {
        $role = $piece->optionalChoice('role', Role::class);
        $line = $piece->text('line', 80);

        return match (true) {
            $role !== null => $role === Role::Main ? 'main line' : null,
            $line !== '' => "line $line",
            default => $place,
        };
    }

    /** @param list<Length> $lengths */
    private static function sum(array $lengths): float
    {
        return array_sum(array_map(static fn(Length $each): float => $each->inMetres(), $lengths));
    }
}
