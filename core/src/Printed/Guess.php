<?php

declare(strict_types=1);

namespace Undro\Printed;

use Undro\Input\Bounds;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Spool\StampUnits;

/**
 * Figures without a unit: which unit they are in, by what such a spool can hold and by what makes the capacities of one stamp agree.
 * Source: handbook, chapter 7, stamp.
 */
final class Guess
{
    /** A reading whose capacities disagree by so much more than the other's is out. */
    private const CLEARLY = 1.15;
    /** Hundredths of a millimetre that a line can have. */
    public const HUNDREDTHS = [8, 99];
    /** Numbers that numbered lines and PE have. */
    public const NUMBERS_TO = 12;
    private const OF = ['lb_yd' => FigureUnit::Pound, 'lb_m' => FigureUnit::Pound, 'mm_m' => FigureUnit::Millimetre, 'pe_m' => FigureUnit::Pe];
    /** What the spool of a spincast reel holds at most, and of any other, cm3. */
    private const SMALL_CM3 = 40.0;
    private const LARGE_CM3 = 150.0;
    /** Hundredths of a millimetre are written for mm: such a figure may fill a spool so many times larger before it is none. */
    private const FINE = 2.0;
    /** Capacities of one spool that lie closer than this agree. */
    private const AGREE = 1.5;
    /** Thinner than this in mm, it is inches. */
    public const THINNEST_MM = 0.04;

    /**
     * Capacities side by side whose sizes say no unit are read alike.
     *
     * @param list<Pair> $pairs
     *
     * @return list<non-empty-list<Pair>>
     */
    public static function runs(array $pairs): array
    {
        $runs = [];
        $before = false;
        foreach ($pairs as $pair) {
            $open = self::said($pair) === null;
            if ($open && $before) {
                $runs[count($runs) - 1][] = $pair;
            } else {
                $runs[] = [$pair];
            }
            $before = $open;
        }

        return $runs;
    }

    /**
     * @param non-empty-list<Pair> $run
     *
     * @return list<non-empty-list<Reading>> per pair, the one to use first
     *
     * @throws BadPrint
     */
    public static function readings(array $run, ReelKind $reel, ?Material $material, ?StampUnits $units): array
    {
        $said = self::said($run[0]);
        if ($said !== null) {
            return [self::others($run[0], $said, [], $material, $units)];
        }
        if ($units !== null) {
            return array_map(static fn(Pair $pair): array => [self::reading($pair, self::OF[$units->value], $material, $units)], $run);
        }
        $guesses = self::guesses($run, $reel, $material);
        if ($guesses === null) {
            // no one unit fits all of them
            return array_map(
                static fn(Pair $pair): array => self::others($pair, ...self::alone($pair, $reel, $material), material: $material, units: null),
                $run,
            );
        }

        return array_map(
            static fn(Pair $pair): array => self::others($pair, $guesses[0], array_slice($guesses, 1), $material, null),
            $run,
        );
    }

    /** The unit that stands with the size or in a heading; a unit carried over only where it can be. */
    private static function said(Pair $pair): ?FigureUnit
    {
        $size = $pair->size;
        if ($size->unit !== null || !$size->carried) {
            return $size->unit ?? $size->sizeUnit;
        }
        $carried = $size->sizeUnit;

        return $carried !== null && $size->value > 0
            && $carried->diameter($size->value, $pair->material ?? Material::Mono)->inMillimetres() > Bounds::LINE_MM[1] ? null : $carried;
    }

    /** @return array{FigureUnit, list<FigureUnit>} the unit of one capacity by itself, and what else it may be */
    private static function alone(Pair $pair, ReelKind $reel, ?Material $material): array
    {
        $guesses = self::guesses([$pair], $reel, $material) ?? [FigureUnit::Pound];

        return [$guesses[0], array_slice($guesses, 1)];
    }

    /**
     * @param non-empty-list<Pair> $run
     *
     * @return non-empty-list<FigureUnit>|null the likeliest first; null where no one unit fits them all
     */
    private static function guesses(array $run, ReelKind $reel, ?Material $material): ?array
    {
        $values = array_map(static fn(Pair $pair): float => $pair->size->value, $run);
        $whole = array_filter($run, static fn(Pair $pair): bool => !$pair->size->whole()) === [];
        if (!$whole && max($values) < 2) {
            return self::decimals($run, $reel, $material, $values);
        }
        if (min($values) < 2 && !$whole) {
            // "1.5-200 2-150": PE, where as PE they agree
            return self::spread(self::all($run, FigureUnit::Pe, $material)) < self::AGREE
                ? [FigureUnit::Pe, FigureUnit::Number, FigureUnit::Pound]
                : null;
        }
        if (!$whole) {
            return [FigureUnit::Pound, FigureUnit::Number];
        }
        $hundredths = min($values) >= self::HUNDREDTHS[0] && max($values) <= self::HUNDREDTHS[1];
        $numbers = max($values) <= self::NUMBERS_TO && !str_contains($run[0]->between, '/') ? [FigureUnit::Number] : [];
        if (!$hundredths) {
            return [FigureUnit::Pound, ...$numbers];
        }

        return self::better($run, FigureUnit::Pound, FigureUnit::Hundredth, $reel, $material)
            ? [FigureUnit::Pound, FigureUnit::Hundredth, ...$numbers]
            : [FigureUnit::Hundredth, FigureUnit::Pound];
    }

    /**
     * Decimals under 2: mm, unless the spool cannot hold that, or as PE they agree and as mm they do not.
     *
     * @param non-empty-list<Pair> $run
     * @param non-empty-list<float> $values
     *
     * @return non-empty-list<FigureUnit>
     */
    private static function decimals(array $run, ReelKind $reel, ?Material $material, array $values): array
    {
        if (max($values) < self::THINNEST_MM) {
            return [FigureUnit::Inch];
        }
        $number = $material === null || $material === Material::Braid ? FigureUnit::Pe : FigureUnit::Number;
        $coarse = array_filter($run, static fn(Pair $pair): bool => preg_match('/[.,]\d{2}/', $pair->size->raw) === 1) === [];
        if (!self::better($run, FigureUnit::Millimetre, $number, $reel, $material, $coarse ? 1.0 : self::FINE)) {
            $held = self::held(self::all($run, FigureUnit::Millimetre, $material), $reel);

            return [$number, FigureUnit::Number, FigureUnit::Pound, ...($held ? [FigureUnit::Millimetre] : [])];
        }

        return min($values) >= 0.4 && $coarse ? [FigureUnit::Millimetre, $number] : [FigureUnit::Millimetre];
    }

    /**
     * Whether the first unit stands against the other: by how well the capacities agree, else by what the spool can hold.
     *
     * @param non-empty-list<Pair> $run
     */
    private static function better(
        array $run,
        FigureUnit $first,
        FigureUnit $second,
        ReelKind $reel,
        ?Material $material,
        float $margin = 1.0,
    ): bool {
        $one = self::all($run, $first, $material);
        $two = self::all($run, $second, $material);
        if (count($run) > 1) {
            $spread = self::spread($one);
            $other = self::spread($two);
            if ($other >= self::CLEARLY * $spread) {
                return true;
            }
            if ($spread >= self::CLEARLY * $other) {
                return false;
            }
        }

        return self::held($one, $reel, $margin) || !self::held($two, $reel, $margin);
    }

    /**
     * @param non-empty-list<Pair> $run
     *
     * @return non-empty-list<Reading> all of them in one unit
     *
     * @throws BadPrint
     */
    private static function all(array $run, FigureUnit $unit, ?Material $material): array
    {
        return array_map(static fn(Pair $pair): Reading => self::reading($pair, $unit, $material), $run);
    }

    /**
     * Largest over smallest of what the capacities of one spool should agree on.
     *
     * @param non-empty-list<Reading> $readings
     */
    private static function spread(array $readings): float
    {
        $products = array_map(static fn(Reading $each): float => $each->product(), $readings);

        return min($products) > 0 ? max($products) / min($products) : INF;
    }

    /**
     * A spool of such a reel can hold each of them.
     *
     * @param non-empty-list<Reading> $readings
     */
    private static function held(array $readings, ReelKind $reel, float $margin = 1.0): bool
    {
        $rooms = array_map(static fn(Reading $each): float => $each->room() ?? 0.0, $readings);

        return max($rooms) <= $margin * ($reel === ReelKind::Spincast ? self::SMALL_CM3 : self::LARGE_CM3);
    }

    /**
     * @param list<FigureUnit> $others it may be in too
     *
     * @return non-empty-list<Reading> that differ from the first
     *
     * @throws BadPrint
     */
    private static function others(Pair $pair, FigureUnit $used, array $others, ?Material $material, ?StampUnits $units): array
    {
        $first = self::reading($pair, $used, $material, $units);
        $readings = [$first];
        $unsaid = ($pair->length->unit ?? $pair->length->lengthUnit ?? $units) === null;
        $said = $pair->material ?? $material;
        $more = [];
        if ($unsaid && $used === FigureUnit::Pound) {
            $length = $used->lengthBeside($pair->between) === FigureUnit::Yard ? FigureUnit::Metre : FigureUnit::Yard;
            $more[] = Reading::of($first->material, $pair->size, $used, $pair->length, $length, $pair->beside);
        }
        if ($used === FigureUnit::Number && $said === null) {
            $more[] = self::reading($pair, FigureUnit::Pe, $material, $units);
        }
        foreach ($others as $unit) {
            $more[] = self::reading($pair, $unit, $material, $units);
        }
        foreach ($more as $each) {
            $new = $each->diameter->inMillimetres() <= Bounds::LINE_MM[1]
                && array_filter($readings, static fn(Reading $there): bool => !$there->differs($each)) === [];
            if ($new) {
                $readings[] = $each;
            }
        }

        return $readings;
    }

    /** @throws BadPrint where a figure is not above 0 */
    private static function reading(Pair $pair, FigureUnit $unit, ?Material $material, ?StampUnits $units = null): Reading
    {
        $pair->size->value > 0 || throw BadPrint::notAboveZero($pair->typed);
        $length = $pair->length->unit ?? $pair->length->lengthUnit ?? match (true) {
            $units !== null => $units === StampUnits::PoundsYards ? FigureUnit::Yard : FigureUnit::Metre,
            default => $unit->lengthBeside($pair->between),
        };

        return Reading::of(
            $unit === FigureUnit::Pe ? Material::Braid : ($pair->material ?? $material ?? Material::Mono),
            $pair->size,
            $unit,
            $pair->length,
            $length,
            $pair->beside,
        );
    }
}
