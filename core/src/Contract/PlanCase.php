<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\DepthMark;
use Undro\Fill\FullLevel;
use Undro\Fill\Gauge;
use Undro\Fill\Narrowing;
use Undro\Habit\Advice;
use Undro\Habit\Question;
use Undro\Input\Input;
use Undro\Json\FillJson;
use Undro\Json\PlanInput;
use Undro\Json\Written;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Plan\Note;
use Undro\Plan\Plan;
use Undro\Printed\Reading;
use Undro\Spool\LipShape;
use Undro\Spool\Rating;

/**
 * "plan": a whole plan as the angler types it, with the full level by rule, notes, the depth mark and what would narrow
 * the band. Everything the Plan place draws comes from one call of this.
 */
final class PlanCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "plan".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $read = PlanInput::read($in);
        $plan = $in->make(static fn(): Plan => Plan::of($read->wanted));
        $gauge = Gauge::nearest($plan->fill->gap);

        return self::result($plan) + [
            'gap' => [
                'mm' => $plan->fill->gap->inMillimetres(),
                'own' => $read->ownGap,
                'rule' => FullLevelCase::result($read->level, $read->reel, $read->lip, $read->wanted->habits->full(), $read->ownMark),
                'gauge' => $gauge === null ? null : [
                    'thing' => $gauge->thing,
                    'count' => $gauge->count,
                    'mm' => $gauge->thickness->inMillimetres(),
                    'word' => $gauge->word,
                ],
            ],
            'bevel_mm' => $read->lip === LipShape::Bevelled ? $read->bevel?->inMillimetres() : null,
            'bare_spool' => Written::shape($read->wanted->spool),
            'rated_gap_mm' => $read->wanted->spool->ratedGap->inMillimetres(),
            'understood' => array_map(
                static fn(Rating $rating): array => ['words' => $rating->says()->text(), 'says' => Written::sentence($rating->says()), 'nominal' => $rating->nominal],
                $read->ratings,
            ),
            'lines' => array_filter(
                [
                    'main' => self::size($read->wanted->main, $read->mainSize),
                    'backing' => self::size($read->wanted->backing, $read->backingSize),
                ],
            ),
            'method' => array_map(static fn(Advice $advice): array => [
                'question' => $advice->question->value,
                'words' => $advice->words,
                'own' => $read->wanted->habits->departs($advice->question),
                'departs' => $advice->departs,
            ], $read->wanted->habits->winding($read->reel, $read->wanted->main)),
            'before_learning' => self::before($in),
            'how_much' => $read->wanted->habits->school(Question::HowMuch),
        ];
    }

    /** @return array<string, float>|null the same plan without what was learnt */
    private static function before(Input $in): ?array
    {
        if (!$in->has('learnt')) {
            return null;
        }
        $band = Plan::of(PlanInput::read(Input::of(['learnt' => null] + $in->all()))->wanted)->fill->solved?->band;

        return $band === null ? null : ['length_m' => $band->middle->inMetres(), 'half_m' => $band->half()->inMetres()];
    }

    /** @return array<string, mixed> */
    private static function result(Plan $plan): array
    {
        $fill = FillJson::write($plan->drawn);
        $solved = FillJson::write($plan->fill)['solved'] ?? null;

        return [
            'open' => $plan->open->value,
            'fits' => $plan->fill->fits(),
            'fill' => $fill,
            'solved' => $solved,
            'half_m' => $plan->fill->solved?->band->half()->inMetres(),
            'thumb' => $plan->thumb === null ? null : [
                'about_m' => $plan->thumb->about->inMetres(),
                'says' => Written::sentence($plan->thumb->says),
            ],
            'level' => $plan->level === null ? null : [
                'depth_mm' => $plan->level->depth->inMillimetres(),
                'half_mm' => $plan->level->half->inMillimetres(),
            ],
            'depth_mark' => $plan->oneReading === null || $plan->threeReadings === null ? null : [
                'depth_mm' => $plan->oneReading->depth->inMillimetres(),
                'one_reading' => self::depthMark($plan->oneReading),
                'three_readings' => self::depthMark($plan->threeReadings),
            ],
            'spool' => Written::shape($plan->fill->spool),
            'hump_mm' => $plan->fill->spool->lay === Lay::Coarse ? FullLevel::HUMP_MM : 0.0,
            'build' => Written::build($plan->build),
            'main_most_m' => $plan->mainMost->inMetres(),
            'cost' => Written::price($plan->cost),
            'narrowings' => array_map(static fn(Narrowing $narrowing): array => [
                'id' => $narrowing->by->value,
                'half_m' => $narrowing->half->inMetres(),
                'words' => $narrowing->by->words(),
            ], $plan->narrowings),
            'notes' => array_map(static fn(Note $note): array => [
                'id' => $note->id,
                'weight' => $note->weight->value,
            ] + Written::sentence($note->sentence), $plan->notes),
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

    /** @return array<string, mixed>|null */
    private static function size(?Line $line, ?Reading $size): ?array
    {
        return $line === null || $size === null ? null : [
            'material' => $line->material->value,
            'diameter_mm' => $line->diameter->inMillimetres(),
            'nominal' => $size->nominal,
        ];
    }
}
