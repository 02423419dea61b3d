<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Choice\Asked;
use Undro\Choice\Current;
use Undro\Choice\Fishing;
use Undro\Choice\LineChoice;
use Undro\Choice\MaterialChoice;
use Undro\Choice\RodHold;
use Undro\Choice\Snags;
use Undro\Drag\Link;
use Undro\Input\BadInput;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\PlanInput;
use Undro\Json\Written;
use Undro\Line\Material;
use Undro\Line\NominalDiameter;
use Undro\Spool\ReelKind;
use Undro\Units\Mass;
use Undro\Units\MassUnit;
use Undro\Units\Typed;

/** "choose": which line, from how one fishes, and how the lines at hand compare to it. */
final class ChooseCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "choose".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $rodIn = $in->has('rod') ? $in->object('rod') : null;
        $fish = self::mass($in, 'fish', MassUnit::Kilogram) ?? throw BadInput::missing('fish');
        $fishing = $in->choice('fishing', Fishing::class, Fishing::General);
        $choice = $in->make(static fn(): LineChoice => LineChoice::of(new Asked(
            $fishing,
            $fish,
            $in->optionalChoice('snags', Snags::class) ?? $fishing->snags(),
            $in->choice('current', Current::class, Current::None),
            self::mass($in, 'lure', MassUnit::Gram),
            $in->optionalMetres('cast_m', 0, 500),
            $in->optionalMetres('room_m', 1, 2000),
            $in->boolean('toothy'),
            $in->boolean('clear'),
            $in->optionalForce('reel_max_N', ...Bounds::FORCE_N),
            $rodIn === null ? null : MatchCase::printed($rodIn, Material::Mono),
            $rodIn?->optionalMetres('length_m', 0.3, 15),
            $rodIn?->optionalForce('max_drag_N', ...Bounds::FORCE_N),
            PlanInput::habits($in)->dragFraction(Link::USUAL_HOLDS),
            $in->choice('hold', RodHold::class, RodHold::InHand),
            $in->optionalChoice('reel', ReelKind::class),
        )));

        return [
            'drag_N' => $choice->drag->inNewtons(),
            'drag_capped_by' => $choice->cappedBy->value,
            'fraction' => $choice->fraction(),
            'runs' => $choice->runs,
            'room_m' => $choice->room->length->inMetres(),
            'materials' => array_map(static fn(MaterialChoice $each): array => [
                'material' => $each->material->value,
                'low_N' => $each->low->inNewtons(),
                'usual_N' => $each->usual->inNewtons(),
                'high_N' => $each->high->inNewtons(),
                'pick_N' => $each->pick->inNewtons(),
                'diameter_mm' => NominalDiameter::of($each->material, $each->pick)->inMillimetres(),
                'why' => $each->why,
            ], $choice->materials),
            'length_m' => $choice->length->inMetres(),
            'leader' => $choice->leader === null ? null : [
                'length_m' => $choice->leader->length->inMetres(),
                'strength_N' => $choice->leader->strength->inNewtons(),
                'of' => $choice->leader->of->value,
            ],
            'reasons' => array_map(Written::sentence(...), $choice->reasons),
            'limits' => array_map(Written::sentence(...), $choice->limits),
            'rack' => array_map(static fn(Input $line): array => self::held($line, $choice), $in->objects('rack', 0, 1000)),
        ];
    }

    /** @return array<string, mixed> how a line at hand compares to the choice */
    private static function held(Input $in, LineChoice $choice): array
    {
        $material = $in->choice('material', Material::class);
        $strength = $in->optionalForce('strength_N', ...Bounds::FORCE_N)
            ?? NominalDiameter::strengthOf($material, $in->diameter('diameter_mm', ...Bounds::LINE_MM));
        [$verdict, $words] = $choice->verdict($material, $strength, $in->optionalMetres('left_m', ...Bounds::LENGTH_M));

        return ['id' => (int) $in->number('id', 0, PHP_INT_MAX), 'verdict' => $verdict->value, 'words' => $words, 'distance' => $choice->distance($material, $strength)];
    }

    /** @throws \Undro\DomainFault */
    public static function mass(Input $in, string $key, MassUnit $bare): ?Mass
    {
        $typed = $in->asTyped($key);
        if ($typed === '') {
            return null;
        }
        $mass = $in->read($key, static fn(): Mass => Typed::mass($typed, $bare));
        $in->within($key, $mass->inGrams(), 0.01, 1_000_000, 'g');

        return $mass;
    }
}
