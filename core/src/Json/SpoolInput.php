<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Plan\MeasuredWith;
use Undro\Printed\Stamp;
use Undro\Spool\Measures;
use Undro\Spool\Rating;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Spool\StampUnits;
use Undro\Spool\Tolerance;

/** Reads a spool and its lines as the contract gives them. */
final class SpoolInput
{
    /** @throws \Undro\DomainFault */
    public static function spool(Input $in): Spool
    {
        $measures = self::measures($in, $in->optionalNumber('geometry_sd', 0.005, 1.0) ?? Tolerance::GEOMETRY);

        return self::assembled($in, $measures, ReelKind::Spinning);
    }

    /**
     * The spool from its measures and whatever else is given.
     *
     * @param ReelKind $reel its gap is the stamp’s where none is given
     *
     * @throws \Undro\DomainFault
     */
    public static function assembled(Input $in, Measures $measures, ReelKind $reel): Spool
    {
        $ratings = self::ratings($in, $reel);

        return $in->make(static fn(): Spool => Spool::of(
            $measures,
            $ratings,
            $in->choice('lay', Lay::class, Lay::Normal),
            $in->optionalMillimetres('rated_gap_mm', ...Bounds::GAP_MM) ?? $reel->ratedGap(),
            $in->number('volume_factor', ...[...Bounds::FACTOR, 1.0]),
            $in->optionalNumber('volume_sd', ...Bounds::SD),
        ));
    }

    /**
     * The spool as an angler has it: its measures trusted by the tool, its stamp read at the gap of the kind of reel.
     *
     * @return array{Spool, float} and the relative sd of the room the measures give
     *
     * @throws \Undro\DomainFault
     */
    public static function measuredWith(Input $in, ReelKind $reel): array
    {
        $sd = $in->choice('measured_with', MeasuredWith::class, MeasuredWith::Unknown)->sd();

        return [self::assembled($in, self::measures($in, $sd), $reel), $sd];
    }

    /** @param float $sd relative sd of the room the measures give @throws \Undro\DomainFault */
    public static function measures(Input $in, float $sd): Measures
    {
        $lip = $in->optionalDiameter('lip_diameter_mm', ...Bounds::SPOOL_MM);
        $arbor = $in->optionalDiameter('arbor_diameter_mm', ...Bounds::SPOOL_MM);
        $other = $in->optionalDiameter('arbor_deep_diameter_mm', ...Bounds::SPOOL_MM);
        $traverse = $in->optionalMillimetres('traverse_mm', ...Bounds::TRAVERSE_MM);

        return $in->make(static fn(): Measures => new Measures($lip, $arbor, $other, $traverse, $sd));
    }

    /**
     * @return list<Rating>
     *
     * @throws \Undro\DomainFault
     */
    public static function ratings(Input $in, ReelKind $reel = ReelKind::Spinning): array
    {
        $ratings = array_map(static fn(Input $rating): Rating => Rating::of(
            $rating->metres('length_m', 0.1, Bounds::LENGTH_M[1]),
            $rating->diameter('diameter_mm', ...Bounds::LINE_MM),
            $rating->choice('material', Material::class, Material::Mono),
        ), $in->objects('ratings', 0, 20));
        $text = trim($in->text('ratings_text', Bounds::TEXT));
        if ($text === '') {
            return $ratings;
        }
        $material = $in->choice('ratings_material', Material::class, Material::Mono);
        $units = $in->optionalChoice('ratings_units', StampUnits::class);
        $read = $in->read('ratings_text', static fn(): Stamp => Stamp::read($text, $reel, Stamp::unless($material), $units));

        return [...$ratings, ...$read->ratings()];
    }

    /** A line given by material and diameter. @throws \Undro\DomainFault */
    public static function line(Input $in): Line
    {
        return Line::of(
            $in->choice('material', Material::class),
            $in->diameter('diameter_mm', ...Bounds::LINE_MM),
            $in->number('cell_factor', ...[...Bounds::FACTOR, 1.0]),
            $in->optionalNumber('cell_sd', ...Bounds::SD),
        );
    }
}
