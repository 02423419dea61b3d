<?php

declare(strict_types=1);

namespace Undro\Line;

use Undro\Units\BadQuantity;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\LengthUnit;
use Undro\Units\Typed;

/**
 * How thick a line is, from whatever its label gives: "0.16", "0.30 mm", "PE 1.2", "20 lb". A strength becomes a nominal diameter.
 */
final readonly class LineSize
{
    private function __construct(public Diameter $diameter, public ?Force $strength, public bool $nominal) {}

    /**
     * @param LengthUnit $bare the unit of a bare figure under 1; a bare figure of 1 or more cannot be told and is refused
     *
     * @throws BadQuantity|BadLine
     */
    public static function read(string $typed, Material $material, LengthUnit $bare = LengthUnit::Millimetre): self
    {
        if (preg_match('/^\s*PE/iu', $typed) === 1) {
            $material === Material::Braid || throw BadLine::peNotBraid($material->word());

            return new self(Typed::diameter($typed, $bare), null, false);
        }
        $unit = Typed::unitWord($typed);
        if ($unit !== '' && ForceUnit::named($unit) !== null) {
            $strength = Typed::force($typed, ForceUnit::Pound);

            return new self(NominalDiameter::of($material, $strength), $strength, true);
        }
        $diameter = Typed::diameter($typed, $bare);
        if ($unit === '' && $diameter->inMillimetres() >= 2) {
            throw BadQuantity::unreadable($typed, '0.16 mm for the diameter, 20 lb for the strength, or PE 1.2');
        }

        return new self($diameter, null, false);
    }
}
