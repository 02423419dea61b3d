<?php

declare(strict_types=1);

namespace Undro\Match;

use Undro\Line\Material;
use Undro\Line\NominalDiameter;
use Undro\Printed\BadPrint;
use Undro\Printed\Size;
use Undro\Units\BadQuantity;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Typed;

/**
 * The lines a reel or a rod is made for, as printed on it: "8-14 lb", "4 to 10 kg", "0.20–0.32 mm", "PE 0.8-1.5", "to 20 lb".
 * Printed either in strength or in diameter; the other one is read off the nominal table, and said to be.
 */
final readonly class LineRange
{
    private function __construct(
        public Material $material,
        public bool $inStrength,
        public Force $weakest,
        public Force $strongest,
        public Diameter $thinnest,
        public Diameter $thickest,
    ) {}

    /** @throws BadQuantity|BadPrint|BadMatch if it cannot be read, or runs from more to less */
    public static function read(string $typed, Material $material): self
    {
        $pe = preg_match('/^\s*PE\s*/iu', $typed) === 1;
        $body = (string) preg_replace('/\bPE\s*/iu', '', $typed);
        $upTo = preg_match('/^\s*(?:up\s+)?to\s+/iu', $body) === 1;
        $ends = preg_split('/\s*(?:–|—|-|\bto\b|\.\.)\s*/u', trim((string) preg_replace('/^\s*(?:up\s+)?to\s+/iu', '', $body))) ?: [];
        count($ends) <= 2 && $ends !== [''] || throw BadQuantity::unreadable($typed, '8-14 lb, 0.20-0.30 mm or PE 0.8-1.5');
        $low = $ends[0];
        $high = $ends[1] ?? $ends[0];
        $unit = Typed::unitWord($high);
        if (Typed::unitWord($low) === '') {
            $low .= " $unit";
        }
        if ($unit === '' && !$pe) {
            $bare = Typed::number($high) < 1 ? ' mm' : ' lb';
            [$low, $high] = [$low . $bare, $high . $bare];
        }
        [$least, $most] = $pe
            ? [Size::sure("PE $low", Material::Braid), Size::sure("PE $high", Material::Braid)]
            : [Size::sure($low, $material), Size::sure($high, $material)];
        $inStrength = $most->strength !== null;
        $weakest = $least->strength ?? NominalDiameter::strengthOf($material, $least->diameter);
        $strongest = $most->strength ?? NominalDiameter::strengthOf($material, $most->diameter);
        $weakest->inNewtons() <= $strongest->inNewtons() || throw BadMatch::backwards($typed);

        return new self(
            $material,
            $inStrength,
            $upTo ? Force::newtons(0) : $weakest,
            $strongest,
            $upTo ? Diameter::millimetres(0) : $least->diameter,
            $most->diameter,
        );
    }

    /** @param non-empty-list<Diameter> $diameters the lines a maker stamped on a spool */
    public static function ofStamp(array $diameters, Material $material): self
    {
        $all = array_map(static fn(Diameter $each): float => $each->inMillimetres(), $diameters);
        $thinnest = Diameter::millimetres(min($all));
        $thickest = Diameter::millimetres(max($all));

        return new self(
            $material,
            false,
            NominalDiameter::strengthOf($material, $thinnest),
            NominalDiameter::strengthOf($material, $thickest),
            $thinnest,
            $thickest,
        );
    }
}
