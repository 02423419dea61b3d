<?php

declare(strict_types=1);

namespace Undro\Printed;

use Undro\Input\Bounds;
use Undro\Line\Material;
use Undro\Units\Length;

/**
 * Reads what is printed on a line: how thick or how strong it is, and what else may stand there, a second size or a length.
 * "0.16", "0.30 mm", "PE 1.2", "20 lb 0.23", "30#", "1.5号", "12lb/165yd". Source: handbook, chapter 7, size.
 */
final readonly class Size
{
    /** The nearest there is to nothing at all. */
    public const EXAMPLE = '0.30 mm';
    public const BRAID_EXAMPLE = '0.16 mm';
    /** A bare figure on braid is PE up to this, pounds above. */
    private const PE_TO = 5;
    /** Braid is not thicker than this. */
    private const BRAID_TO_MM = 1.0;

    private function __construct(public Piece $piece) {}

    /** @throws BadPrint naming the piece that cannot be read and what it could have been */
    public static function read(string $text, Material $material): self
    {
        try {
            return self::loosely($text, $material);
        } catch (BadPrint $fault) {
            throw isset($fault->more['near']) ? $fault : Near::to($fault, $text, self::example($material), [], static function (string $near) use ($material): void {
                $found = self::loosely($near, $material)->piece;
                $found->open() && throw BadPrint::unreadable($near);
            });
        }
    }

    /**
     * The same where it is to be written down: what can be read two ways is refused with both.
     *
     * @throws BadPrint
     */
    public static function sure(string $text, Material $material): Reading
    {
        $piece = self::read($text, $material)->piece;
        if ($piece->open()) {
            $ways = array_map(static fn(Reading $reading): string => $reading->sizeText(), $piece->readings);
            throw BadPrint::ambiguous($piece->typed, $ways)->nearest($ways[0], $ways[0]);
        }

        return $piece->used();
    }

    /** @throws BadPrint */
    private static function loosely(string $text, Material $material): self
    {
        $figures = Scanner::figures($text);
        $figures !== [] || throw (trim($text) === '' ? BadPrint::nothing() : BadPrint::unreadable(trim($text)));
        $typed = trim($text);
        $sizes = array_values(array_filter($figures, static fn(Figure $each): bool => $each->isSize() || self::headed($each)));
        $lengths = array_values(array_filter($figures, static fn(Figure $each): bool => $each->isLength()));
        $open = array_values(array_filter($figures, static fn(Figure $each): bool => !$each->isSize() && !$each->isLength() && !self::headed($each)));
        if ($open !== [] && $sizes === []) {
            // the smaller is the size, as on a stamp
            usort($open, static fn(Figure $one, Figure $two): int => $one->value <=> $two->value);
            $sizes = [array_shift($open)];
        }
        if ($open !== [] && $lengths === []) {
            $lengths = [array_shift($open)];
        }
        // nothing in a length comes near a size
        $sizes !== [] || throw BadPrint::onlyLength($typed)->nearest(self::example($material), self::example($material));
        $open === [] && count($sizes) <= 2 || throw BadPrint::tooMuch($typed);
        [$size, $beside] = [$sizes[0], $sizes[1] ?? null];
        $said = $size->material ?? $beside?->material;
        $said === null || $said === $material || throw BadPrint::otherMaterial($typed, $said->word(), $material->word());
        $units = $size->unit !== null ? [$size->unit] : ($size->sizeUnit !== null ? [$size->sizeUnit] : self::guesses($size, $material));
        $readings = [];
        foreach ($units as $unit) {
            $of = $size->unit === FigureUnit::Pe || $size->sizeUnit === FigureUnit::Pe ? Material::Braid : $material;
            $of === $material || throw BadPrint::peNotBraid($typed, $material->word());
            foreach (self::lengths($unit, $lengths[0] ?? null) as $length) {
                $reading = self::reading($typed, $material, $size, $unit, $lengths[0] ?? null, $length, $beside);
                if ($readings === []) {
                    self::within($typed, $reading);
                }
                $other = $reading->diameter->inMillimetres() <= Bounds::LINE_MM[1]
                    && array_filter($readings, static fn(Reading $there): bool => !$there->differs($reading)) === [];
                if ($readings === [] || $other) {
                    $readings[] = $reading;
                }
            }
        }

        return new self(new Piece($typed, $readings));
    }

    private static function example(Material $material): string
    {
        return $material === Material::Braid ? self::BRAID_EXAMPLE : self::EXAMPLE;
    }

    private static function headed(Figure $figure): bool
    {
        return $figure->unit === null && $figure->sizeUnit !== null && !$figure->carried && $figure->value < 1000 && $figure->between === '';
    }

    /** @return non-empty-list<FigureUnit|null> that the length beside it may be in, the likeliest first */
    private static function lengths(FigureUnit $unit, ?Figure $length): array
    {
        if ($length === null) {
            return [null];
        }
        $said = $length->unit ?? $length->lengthUnit;
        if ($said !== null) {
            return [$said];
        }
        $first = $unit->lengthBeside($length->between);

        return $unit === FigureUnit::Pound ? [$first, $first === FigureUnit::Yard ? FigureUnit::Metre : FigureUnit::Yard] : [$first];
    }

    /** @throws BadPrint where a figure is not above 0 */
    private static function reading(
        string $typed,
        Material $material,
        Figure $size,
        FigureUnit $unit,
        ?Figure $length,
        ?FigureUnit $lengthUnit,
        ?Figure $beside,
    ): Reading {
        $size->value > 0 && ($beside === null || $beside->value > 0) && ($length === null || $length->value > 0)
            || throw BadPrint::notAboveZero($typed);

        return Reading::of($material, $size, $unit, $length, $lengthUnit, $beside);
    }

    /** @throws BadPrint where no line is like that */
    private static function within(string $typed, Reading $reading): void
    {
        $thick = $reading->diameter->inMillimetres();
        $thick <= Bounds::LINE_MM[1] || throw BadPrint::thick($typed, $reading->diameter);
        $thick >= Bounds::LINE_MM[0] || throw BadPrint::thin($typed, $reading->diameter);
        $reading->length === null || $reading->length->inMetres() <= Length::LONGEST_M || throw BadPrint::long($typed, $reading->length);
    }

    /**
     * What a bare figure may be, the likeliest first.
     *
     * @return non-empty-list<FigureUnit>
     */
    private static function guesses(Figure $size, Material $material): array
    {
        $value = $size->value;
        $braid = $material === Material::Braid;
        $number = $braid ? FigureUnit::Pe : FigureUnit::Number;
        if ($size->small()) {
            $coarse = preg_match('/[.,]\d{2}/', $size->raw) !== 1;

            return match (true) {
                $value < Guess::THINNEST_MM => [FigureUnit::Inch],
                $braid && $value >= self::BRAID_TO_MM => [FigureUnit::Pe, FigureUnit::Pound],
                $coarse && $value >= ($braid ? 0.4 : 1.0) => [FigureUnit::Millimetre, $number],
                default => [FigureUnit::Millimetre],
            };
        }
        $hundredths = $size->whole() && $value >= Guess::HUNDREDTHS[0] && $value <= Guess::HUNDREDTHS[1] ? [FigureUnit::Hundredth] : [];
        $numbers = $value <= Guess::NUMBERS_TO ? [$number] : [];
        if ($braid && $value <= self::PE_TO) {
            return [FigureUnit::Pe, FigureUnit::Pound, ...($value < 2 ? [FigureUnit::Millimetre] : [])];
        }

        return [FigureUnit::Pound, ...$hundredths, ...$numbers, ...($value < 2 ? [FigureUnit::Millimetre] : [])];
    }
}
