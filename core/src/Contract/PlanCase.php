<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\DepthMark;
use Undro\Fill\FullLevel;
use Undro\Fill\GapReasonId;
use Undro\Fill\Narrowing;
use Undro\Line\Line;
use Undro\Line\LineSize;
use Undro\Line\Material;
use Undro\Plan\MeasuredWith;
use Undro\Plan\Note;
use Undro\Plan\Open;
use Undro\Plan\Plan;
use Undro\Plan\SizeFrom;
use Undro\Spool\LipShape;
use Undro\Spool\Rating;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Units\Length;

/**
 * "plan": a whole plan as the angler types it, with the full level by rule, notes, the depth mark and what would narrow
 * the band. Everything the Plan place draws comes from one call of this.
 */
final class PlanCase implements Calculator
{
    public static function compute(Input $in): array
    {
        $reelIn = $in->object('reel');
        $spoolIn = $in->object('spool');
        $reel = $reelIn->choice('kind', ReelKind::class, ReelKind::Spinning);
        $lip = $reelIn->choice('lip', LipShape::class, $reel === ReelKind::Spinning ? LipShape::Bevelled : LipShape::Straight);
        $measureSd = $spoolIn->choice('measured_with', MeasuredWith::class, MeasuredWith::Unknown)->sd();
        $measures = SpoolInput::measures($spoolIn, $measureSd);
        $ratings = SpoolInput::ratings($spoolIn);
        $spool = SpoolInput::assembled($spoolIn, $measures, $reel->ratedGap());

        $open = $in->choice('open', Open::class, Open::Backing);
        [$main, $mainSize] = self::line($in->object('main'));
        [$backing, $backingSize] = $in->has('backing') ? self::line($in->object('backing')) : [null, null];
        $level = FullLevel::of(
            $reel,
            $lip,
            $reelIn->optionalMillimetres('bevel_depth_mm', 0, 30),
            $main,
            $spool->lay,
            $in->boolean('long_cast'),
            $in->boolean('beginner'),
            $in->choices('off', GapReasonId::class),
        );
        $own = $in->optionalMillimetres('gap_mm', ...Bounds::GAP_MM);
        $plan = $in->make(static fn(): Plan => Plan::of(
            $spool,
            $open,
            $main,
            $in->object('main')->optionalMetres('length_m', ...Bounds::LENGTH_M),
            $backing,
            $in->has('backing') ? $in->object('backing')->optionalMetres('length_m', ...Bounds::LENGTH_M) : null,
            $own ?? $level->gap,
            $in->optionalMillimetres('join_depth_mm', 0, 200),
            $reelIn->optionalNumber('gear_ratio', ...Bounds::GEAR_RATIO),
            $measureSd,
            array_filter([
                'main' => $in->object('main')->optionalMetres('on_hand_m', ...Bounds::LENGTH_M),
                'backing' => $in->has('backing') ? $in->object('backing')->optionalMetres('on_hand_m', ...Bounds::LENGTH_M) : null,
            ]),
        ));

        return self::result($plan, $open) + [
            'gap' => ['mm' => $plan->fill->gap->inMillimetres(), 'own' => $own !== null] + ['rule' => FullLevelCase::result($level, $reel, $lip)],
            'rated_gap_mm' => $spool->ratedGap->inMillimetres(),
            'understood' => array_map(static fn(Rating $rating): array => ['words' => $rating->words(), 'nominal' => $rating->nominal], $ratings),
            'lines' => array_filter(['main' => self::size($main, $mainSize), 'backing' => self::size($backing, $backingSize)]),
        ];
    }

    /** @return array<string, mixed> */
    private static function result(Plan $plan, Open $open): array
    {
        $fill = FillCase::result($plan->drawn);
        $solved = FillCase::result($plan->fill)['solved'] ?? null;

        return [
            'open' => $open->value,
            'fits' => $plan->fill->fits(),
            'fill' => $fill,
            'solved' => $solved,
            'half_m' => $plan->fill->solved?->band->half()->inMetres(),
            'level' => $plan->level === null ? null : [
                'depth_mm' => $plan->level->depth->inMillimetres(),
                'half_mm' => $plan->level->half->inMillimetres(),
            ],
            'depth_mark' => $plan->oneReading === null || $plan->threeReadings === null ? null : [
                'depth_mm' => $plan->oneReading->depth->inMillimetres(),
                'one_reading' => self::depthMark($plan->oneReading),
                'three_readings' => self::depthMark($plan->threeReadings),
            ],
            'spool' => self::shape($plan->fill->spool),
            'narrowings' => array_map(static fn(Narrowing $narrowing): array => [
                'id' => $narrowing->by->value,
                'half_m' => $narrowing->half->inMetres(),
                'words' => $narrowing->by->words(),
            ], $plan->narrowings),
            'notes' => array_map(static fn(Note $note): array => [
                'id' => $note->id,
                'weight' => $note->weight->value,
                'text' => $note->text(),
                'sentence' => $note->sentence,
                'figures' => array_map(static fn(Length $figure): array => Note::isDepth($figure)
                    ? ['depth_mm' => $figure->inMillimetres()]
                    : ['length_m' => $figure->inMetres()], $note->figures),
            ], $plan->notes),
        ];
    }

    /** @return array<string, float>|null what a drawing needs of a spool's shape */
    public static function shape(Spool $spool): ?array
    {
        $geometry = $spool->geometry;

        return $geometry === null ? null : [
            'lip_mm' => $geometry->lip->inMillimetres(),
            'arbor_thin_mm' => $geometry->arbor->thin->inMillimetres(),
            'arbor_thick_mm' => $geometry->arbor->thick->inMillimetres(),
            'traverse_mm' => $geometry->traverse->inMillimetres(),
            'bare_depth_mm' => $geometry->depthOf($geometry->arbor->thin)->inMillimetres(),
        ];
    }

    /** @return array<string, float> */
    private static function depthMark(DepthMark $mark): array
    {
        return [
            'depth_half_mm' => $mark->depthHalf->inMillimetres(),
            'by_length_half_m' => $mark->byLength->inMetres(),
            'by_depth_half_m' => $mark->byDepth->inMetres(),
            'together_half_m' => $mark->together->inMetres(),
        ];
    }

    /** @return array{Line, LineSize} */
    private static function line(Input $in): array
    {
        $material = $in->choice('material', Material::class, Material::Mono);
        $typed = $in->text('size', 40);
        $size = $in->read('size', static fn(): LineSize => LineSize::read($typed, $material));
        $diameter = $size->diameter->inMillimetres();
        $in->within('size', $size->diameter->inMillimetres(), ...[...Bounds::LINE_MM, 'mm']);
        $sd = $in->choice('size_from', SizeFrom::class, SizeFrom::Label)->cellSd($material, $size);

        return [$in->make(static fn(): Line => Line::of($material, $size->diameter, 1.0, $sd)), $size];
    }

    /** @return array<string, mixed>|null */
    private static function size(?Line $line, ?LineSize $size): ?array
    {
        return $line === null || $size === null ? null : [
            'material' => $line->material->value,
            'diameter_mm' => $line->diameter->inMillimetres(),
            'nominal' => $size->nominal,
        ];
    }
}
