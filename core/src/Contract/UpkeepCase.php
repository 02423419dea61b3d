<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\FullLevel;
use Undro\Fill\Layer;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\PlanInput;
use Undro\Json\SpoolInput;
use Undro\Json\UpkeepJson;
use Undro\Line\Material;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;
use Undro\Spool\Usual;
use Undro\Units\Length;
use Undro\Units\Price;
use Undro\Upkeep\BadUpkeep;
use Undro\Upkeep\Facts;
use Undro\Upkeep\Finding;
use Undro\Upkeep\Inspection;
use Undro\Upkeep\Limits;
use Undro\Upkeep\Outing;
use Undro\Upkeep\Upkeep;
use Undro\Upkeep\Wear;

/** "upkeep": what the line on a spool needs now, when it is due, and what can be done about it. */
final class UpkeepCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "upkeep".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $today = self::date($in, 'today');
        $reelIn = $in->object('reel');
        $spoolIn = $in->object('spool');
        $reel = $reelIn->choice('kind', ReelKind::class, ReelKind::Spinning);
        $lip = $reelIn->choice('lip', LipShape::class, $reel->usualLip());
        [$spool] = SpoolInput::measuredWith($spoolIn, $reel);
        $pieces = $in->objects('pieces', 1, 100);
        $layers = self::layers($pieces);
        $outer = $pieces[count($pieces) - 1];
        $material = $outer->choice('material', Material::class);
        $limits = $in->has('limits') && $in->object('limits')->has($material->value)
            ? $in->object('limits')->object($material->value)
            : Input::of([]);
        $wear = Wear::of(
            $material,
            Limits::usual($material)->own($limits->optionalNumber('months', 0.5, 600), $limits->optionalNumber('outings', 1, 10_000)),
            self::date($outer, 'since'),
            array_map(self::outing(...), $in->objects('outings', 0, 5000)),
            $in->has('turned_over') ? self::date($in, 'turned_over') : null,
            $today,
            $in->number('shelf_months', 0, 1200, 0.0),
        );
        $wanted = FullLevel::of(
            $reel,
            $lip,
            $reelIn->optionalMillimetres('bevel_depth_mm', 0, 30),
            $layers[count($layers) - 1]->line,
            $spool->lay,
            $in->boolean('long_cast'),
            $in->boolean('beginner'),
            [],
            PlanInput::habits($in)->full(),
        )->gap;
        $gear = $reelIn->optionalNumber('gear_ratio', ...Bounds::GEAR_RATIO);
        $upkeep = $in->make(static fn(): Upkeep => Upkeep::of(new Facts(
            $reel,
            $spool,
            $layers,
            self::layers($in->objects('then', 0, 100)),
            $wear,
            $wanted,
            $gear,
            self::price($in, 'main_price'),
            self::price($in, 'backing_price'),
            Inspection::standing(array_map(self::inspection(...), $in->objects('inspections', 0, 500))),
            $in->has('lost_on') ? self::date($in, 'lost_on') : null,
            $in->has('turned_over') ? self::date($in, 'turned_over') : null,
        ), $today));
        return UpkeepJson::write($upkeep, $in->number('pace_turns_per_min', 1, 400, Usual::PACE_TURNS_PER_MIN));
    }

    /**
     * @param list<Input> $pieces
     *
     * @return list<Layer>
     */
    private static function layers(array $pieces): array
    {
        return Layer::stacked(array_map(
            static fn(Input $piece): array => [
                $line = SpoolInput::line($piece),
                $piece->metres('length_m', ...Bounds::LENGTH_M),
                $piece->text('line', 80) ?: "{$line->material->value} {$line->diameter->inMillimetres()}",
            ],
            $pieces,
        ));
    }

    private static function inspection(Input $in): Inspection
    {
        return $in->make(static fn(): Inspection => Inspection::of(
            self::date($in, 'at'),
            $in->choice('found', Finding::class),
            $in->optionalMetres('from_m', 0, Bounds::LENGTH_M[1]),
            $in->optionalMetres('to_m', 0, Bounds::LENGTH_M[1]),
        ));
    }

    private static function outing(Input $in): Outing
    {
        return new Outing(
            self::date($in, 'at'),
            $in->boolean('sun') || $in->boolean('rough'),
            $in->optionalMetres('cast_m', 0, 500),
            $in->optionalMetres('run_m', 0, 2000),
        );
    }

    /** What a metre costs: a price and the length it is for. */
    private static function price(Input $in, string $key): ?Price
    {
        if (!$in->has($key)) {
            return null;
        }
        $price = $in->object($key);
        $typed = $price->text('price', 40);

        return $typed === ''
            ? null
            : $price->read('price', static fn(): Price => Price::read($typed))->times(
                1 / $price->metres('for_m', 0.1, Bounds::LENGTH_M[1])->inMetres(),
            );
    }

    private static function date(Input $in, string $key): string
    {
        $typed = $in->text($key, 40);
        preg_match('/^\d{4}-\d{2}-\d{2}/', $typed) === 1 && strtotime($typed) !== false || $in->make(
            static fn(): never => throw BadUpkeep::noDate($key, $typed),
        );

        return $typed;
    }
}
