<?php

declare(strict_types=1);

namespace Undro\Tests\Advice;

use Undro\Contract\Compute;

/** The cases whose advice is kept in tests/advice/. */
final class AdviceCases
{
    private const SPOOL = ['lip_diameter_mm' => 46.2, 'arbor_diameter_mm' => 31, 'traverse_mm' => 19.5];
    private const MONO = ['material' => 'mono', 'diameter_mm' => 0.28];
    private const BRAID = ['material' => 'braid', 'diameter_mm' => 0.16];

    /** @return array<string, array<string, mixed>> */
    public static function lines(): array
    {
        $case = static fn(string $fishing, string $fish, array $more = []): array => ['fishing' => $fishing, 'fish' => $fish] + $more;

        return [
            'A 60 kg fish among snags' => $case('general', '60 kg', ['snags' => 'many']),
            'A 14 kg carp among snags' => $case('big_fish', '14 kg', ['snags' => 'many']),
            'A 2 kg fish, some snags' => $case('general', '2 kg', ['snags' => 'some']),
            'A 3 kg bass in heavy cover' => $case('heavy_cover', '3 kg'),
            '150 g of lead on a general rod' => $case('general', '2 kg', ['lure' => '150 g']),
            '150 g of lead thrown over sand' => $case('distance', '3 kg', ['lure' => '150 g', 'cast_m' => 110]),
            'Pike, with teeth' => $case('general', '8 kg', ['toothy' => true, 'lure' => '45 g']),
            'Small trout in a clear brook' => $case('light_clear', '0.4 kg', ['clear' => true, 'lure' => '4 g']),
            'Perch from the bank' => $case('general', '1 kg', ['lure' => '10 g', 'cast_m' => 30]),
            'Zander at night, some current' => $case('general', '4 kg', ['current' => 'some', 'lure' => '21 g', 'cast_m' => 40]),
            'Barbel in a strong current' => $case('big_fish', '4 kg', ['current' => 'strong', 'snags' => 'some']),
            'Carp in open water, 90 m out' => $case('big_fish', '12 kg', ['cast_m' => 90, 'lure' => '85 g']),
            'Sea bass with plugs' => $case('general', '3 kg', ['lure' => '28 g', 'cast_m' => 55]),
            'Cod over rough ground with 170 g' => $case('distance', '6 kg', ['lure' => '170 g', 'snags' => 'many', 'cast_m' => 80]),
            'Flatfish over sand with 50 g' => $case('distance', '0.8 kg', ['lure' => '50 g']),
            'Pollack by jig over a wreck' => $case('deep_jigging', '5 kg', ['snags' => 'many', 'lure' => '120 g']),
            'A deep jig for a 20 kg fish' => $case('deep_jigging', '20 kg', ['lure' => '250 g']),
            'Trolling for a 40 kg tuna, in hand' => $case('big_game', '40 kg'),
            'A 200 kg fish from a chair' => $case('big_game', '200 kg', ['hold' => 'harness']),
            'A 40 kg fish on a reel that gives 6 kg' => $case('big_game', '40 kg', ['hold' => 'butt_pad', 'reel_max_N' => '6 kg']),
            'Catfish from the bank' => $case('big_fish', '45 kg', ['snags' => 'some']),
            'Salmon in a wide river' => $case('big_fish', '9 kg', ['current' => 'strong', 'cast_m' => 35]),
            'Bass on a baitcaster' => $case('general', '2 kg', ['reel' => 'baitcasting', 'lure' => '14 g']),
            'A child’s first perch' => $case('general', '0.3 kg'),
            'Twenty metres of room' => $case('general', '15 kg', ['room_m' => 20]),
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function lives(): array
    {
        return [
            'New mono' => self::life(['since' => '2026-09-01']),
            'Mono of a year' => self::life(['since' => '2025-11-01']),
            'Mono fished out in a summer' => self::life(['trips' => 41]),
            'The same, too short to cut' => self::life(['trips' => 41, 'length_m' => 90]),
            'Mono that lay two years on a shelf' => self::life(['shelf_months' => 24]),
            'Mono, chalky all along' => self::life(['found' => ['found' => 'faded']]),
            'Mono, rough for 4 m' => self::life(['found' => ['found' => 'rough', 'to_m' => 4]]),
            'Mono, rough all along' => self::life(['found' => ['found' => 'rough']]),
            'Mono with a nick at 20 m' => self::life(['found' => ['found' => 'nicked', 'from_m' => 20, 'to_m' => 21]]),
            'Coiled mono' => self::life(['found' => ['found' => 'coiled']]),
            'Braid, pale' => self::life(['material' => 'braid', 'found' => ['found' => 'faded']]),
            'Braid at half its life' => self::life(['material' => 'braid', 'since' => '2025-05-01']),
            'Braid past its limit, never reversed' => self::life(['material' => 'braid', 'since' => '2023-06-01']),
            'Braid past its limit, reversed' => self::life(['material' => 'braid', 'since' => '2021-06-01', 'turned_over' => '2023-01-01']),
            'Fluorocarbon of a year, pale' => self::life(['material' => 'fluoro', 'since' => '2025-12-01', 'found' => ['found' => 'faded']]),
            'Half the braid lost, over backing' => self::life(['material' => 'braid', 'length_m' => 60, 'backing_m' => 20]),
            'Half the mono lost, no backing' => self::life(['length_m' => 70, 'backing_m' => null]),
            'A snapped end' => self::life(['lost_on' => '2026-11-20']),
            'A baitcaster, 3 mm low' => self::life(['kind' => 'baitcasting', 'length_m' => 80, 'backing_m' => 40]),
            'A line too short for the cast' => self::life(['length_m' => 85, 'trips' => 2, 'cast_m' => 70]),
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function troubles(): array
    {
        $cases = [];
        foreach (['spinning' => self::BRAID, 'baitcasting' => ['diameter_mm' => 0.20] + self::BRAID, 'spincast' => self::MONO] as $reel => $main) {
            foreach (Compute::run('trouble', ['known' => ['reel' => $reel]])['signs'] as $sign) {
                $cases["{$sign['words']} ($reel, {$main['material']})"] = ['seen' => $sign['id'], 'known' => ['reel' => $reel, 'main' => $main]];
            }
        }

        return $cases;
    }

    /** @return array<string, array<string, mixed>> */
    public static function matches(): array
    {
        $reel = ['kind' => 'spinning', 'mono_range' => '6-10 lb', 'max_drag_N' => '9 kg'];

        return [
            '20 lb braid on a 6-12 lb rod' => ['line' => ['material' => 'braid', 'size' => '20 lb'], 'reel' => $reel, 'rod' => ['mono_range' => '6-12 lb']],
            '8 lb mono on the rod it is made for' => ['line' => ['material' => 'mono', 'size' => '8 lb'], 'reel' => $reel, 'rod' => ['mono_range' => '6-12 lb']],
            '25 lb mono on the same' => ['line' => ['material' => 'mono', 'size' => '25 lb'], 'reel' => $reel, 'rod' => ['mono_range' => '6-12 lb']],
            '10 lb braid on a baitcaster' => ['line' => ['material' => 'braid', 'size' => '10 lb'], 'reel' => ['kind' => 'baitcasting', 'mono_range' => '10-17 lb']],
            'Thick braid on a spincast reel' => ['line' => ['material' => 'braid', 'size' => '50 lb'], 'reel' => ['kind' => 'spincast', 'mono_range' => '6-10 lb']],
            '14 lb fluorocarbon on a small reel' => ['line' => ['material' => 'fluoro', 'size' => '14 lb'], 'reel' => ['kind' => 'spinning', 'mono_range' => '4-8 lb']],
        ];
    }

    /** @param array<string, mixed> $so @return array<string, mixed> */
    private static function life(array $so): array
    {
        $so += ['kind' => 'spinning', 'since' => '2026-05-01', 'material' => 'mono', 'length_m' => 160, 'backing_m' => 60, 'trips' => 0];
        $main = ['diameter_mm' => $so['material'] === 'braid' ? 0.20 : 0.26, 'length_m' => $so['length_m'], 'since' => $so['since'], 'material' => $so['material']];
        $backing = ['material' => 'mono', 'diameter_mm' => 0.30, 'length_m' => $so['backing_m'], 'since' => $so['since']];
        // as it was filled: what is gone since is lost
        $then = ['length_m' => 160] + $main;

        return [
            'today' => '2026-11-25',
            'reel' => ['kind' => $so['kind'], 'lip' => 'straight', 'gear_ratio' => 5.2],
            'spool' => self::SPOOL,
            'pieces' => $so['backing_m'] === null ? [$main] : [$backing, $main],
            'then' => $so['backing_m'] === null ? [$then] : [$backing, $then],
            'outings' => array_fill(0, $so['trips'], ['at' => '2026-10-20', 'cast_m' => $so['cast_m'] ?? null]),
            'inspections' => isset($so['found']) ? [$so['found'] + ['at' => '2026-11-01']] : [],
            ...array_intersect_key($so, ['turned_over' => 1, 'shelf_months' => 1, 'lost_on' => 1]),
        ];
    }
}
