<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Fill\FullLevel;
use Undro\Line\Lay;
use Undro\Line\Material;
use Undro\Run\Course;
use Undro\Run\Ending;
use Undro\Run\Run;
use Undro\Run\Standing;
use Undro\Run\Step;
use Undro\Run\StepKind;
use Undro\Run\StepState;
use Undro\Spool\Usual;
use Undro\Twist\Feed;
use Undro\Twist\Sense;
use Undro\Twist\Slack;
use Undro\Twist\SlackTest;
use Undro\Twist\Twist;

/** How a run stands. */
final class RunJson
{
    /** @return array<string, mixed> */
    public static function write(Standing $standing): array
    {
        [$at, $run, $course] = [$standing->progress, $standing->run, $standing->course];

        return [
            'steps' => array_map(static fn(Step $step): array => self::step($step, $run), $run->steps),
            'current' => $run->current,
            'over' => $run->over?->value,
            'layer' => $run->layer,
            'layers' => array_map(static fn(int $index): array => [
                'role' => $course->layers[$index]->role->value,
                'material' => $course->layers[$index]->line->material->value,
                'diameter_mm' => $course->layers[$index]->line->diameter->inMillimetres(),
                'planned_m' => $course->plan->fill->layers[$index]->length->inMetres(),
                'bottom_mm' => $course->plan->fill->layers[$index]->bottom?->inMillimetres(),
                'top_mm' => $course->plan->fill->layers[$index]->top?->inMillimetres(),
                'wound_m' => $at->wound[$index]->inMetres(),
                'wound_half_m' => $at->woundHalf[$index]->inMetres(),
                'stopped' => ($run->stops[$index] ?? null)?->value,
                'placed' => self::placed($run, $index),
            ], array_keys($course->layers)),
            'progress' => self::progress($standing),
            'slack' => self::slack($run, $course),
            'soaks' => (object) $run->soaks,
            'soaks_due' => self::soaksDue($standing),
            'feed' => $course->setting->feed()->value,
            'hold' => ['id' => $course->setting->hold()->value, 'word' => $course->setting->hold()->word()],
            'grips' => $course->setting->grips,
            'kept' => Written::kept($course->plan->build),
            'firm' => $run->firm,
            'level' => self::level($run, $course),
            'spool' => Written::shape($course->plan->fill->spool),
            'bare_spool' => Written::shape($course->wanted->spool),
            'bevel_mm' => $course->bevel?->inMillimetres(),
            'hump_mm' => $course->plan->fill->spool->lay === Lay::Coarse ? FullLevel::HUMP_MM : 0.0,
            'gap_mm' => $course->plan->fill->gap->inMillimetres(),
            'reel' => $course->wanted->reel->value,
            'lip' => $course->lip->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step, Run $run): array
    {
        return [
            'id' => $step->id(),
            'kind' => $step->kind->value,
            'layer' => $step->layer,
            'title' => $step->title,
            'do' => Written::sentence($step->do),
            'right' => $step->right,
            'wrong' => $step->wrong,
            'caution' => $step->caution,
            'tool' => $step->plain ? null : $step->kind->tool(),
            'seconds' => $step->seconds,
            'turns' => $step->turns,
            'state' => ($run->states[$step->id()] ?? StepState::Open)->value,
            'notes' => $run->notes[$step->id()] ?? [],
        ];
    }

    /** @return array<string, mixed> */
    private static function progress(Standing $standing): array
    {
        [$at, $run, $course] = [$standing->progress, $standing->run, $standing->course];
        $passed = Ending::passed($at, $course->plan->fill);
        $stop = $run->stops[$run->layer] ?? null;
        $turns = $at->turnsLeft;

        return [
            'layer' => $at->layer,
            'turns' => $run->turns(),
            'counter' => $run->counter,
            'left_m' => $at->left->inMetres(),
            'left_half_m' => $at->leftHalf->inMetres(),
            'turns_left' => $turns,
            'minutes_left' => $turns === null || $course->pace === null ? null : $turns / $course->pace,
            'retrieve_m' => $at->retrieve?->inMetres(),
            'pace_m_per_min' => $at->retrieve === null || $course->pace === null ? null : $at->retrieve->inMetres() * $course->pace,
            'depth_mm' => $at->depth?->inMillimetres(),
            'stop_depth_mm' => $at->stopDepth?->inMillimetres(),
            'finish_mm' => $at->finish?->inMillimetres(),
            'finish_half_mm' => $at->finishHalf?->inMillimetres(),
            'finish_off' => $at->finish !== null && Ending::off($at->finish, $course->plan->fill->gap),
            'slow' => $at->slow,
            'replanned' => $at->replanned,
            'doubt' => $at->doubt,
            'counter_short' => $at->counterShort,
            'passed_far' => $passed !== null && ($at->finishIfStopped === null || Ending::off(
                $at->finishIfStopped,
                $course->plan->fill->gap,
            )),
            'passed' => $passed === null ? null : Written::sentence($passed),
            'stop' => $stop === null ? null : Written::sentence(Ending::next($stop, $at, $course->layers[$run->layer]->role)),
            'may_go_on' => $stop?->mayGoOn() ?? false,
            'layers' => FillJson::layers($at->now),
        ];
    }

    /** @return array<string, mixed>|null how a filler was said to lie */
    private static function placed(Run $run, int $layer): ?array
    {
        $placed = $run->placed[$layer] ?? null;

        return $placed === null ? null : [
            'feed' => $placed->feed?->value,
            'rotor_turns' => $placed->rotor?->value,
            'filler_turns' => $placed->filler?->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function slack(Run $run, Course $course): array
    {
        $seen = $run->slack[$run->layer] ?? [];
        $line = $course->layers[$run->layer]->line;
        $placed = $run->placed[$run->layer] ?? null;
        // the rotor turns the same way whatever lies before it
        $rotor = $placed?->rotor;
        foreach ($run->placed as $each) {
            $rotor ??= $each->rotor;
        }
        $matched = $rotor === null || $placed?->filler === null ? null : $rotor === $placed->filler;
        $twist = self::matchedTwist($run, $course);
        $test = SlackTest::next(
            $seen,
            $matched,
            $twist?->loopsInSlack(),
            $line->material === Material::Braid,
            $placed->feed ?? $course->setting->feed(),
        );

        return [
            'seen' => array_map(static fn(Slack $each): string => $each->value, $seen),
            'move' => $test->move->value,
            'words' => $test->move->words(),
            'turned_over' => $test->turnedOver,
            'matched' => $matched,
            'matched_turns_per_m' => $twist?->winding,
        ];
    }

    /** The twist while this layer's filler pays off the way the rotor turns; null: the reel has none, or its spool no shape. */
    private static function matchedTwist(Run $run, Course $course): ?Twist
    {
        $bottom = $course->plan->fill->layers[$run->layer]->bottom;

        return $bottom === null || !$course->wanted->reel->hasFixedSpool() ? null : Twist::of(
            $course->wanted->reel,
            Feed::OverEnd,
            Sense::Clockwise,
            Sense::Clockwise,
            $course->setting->filler($run->layer),
            $bottom,
            $course->layers[$run->layer]->line,
        );
    }

    /**
     * Soaks of what is wound next that have to begin, or soon have: each ends at its own join.
     *
     * @return list<array<string, mixed>>
     */
    private static function soaksDue(Standing $standing): array
    {
        [$run, $course] = [$standing->run, $standing->course];
        $left = $standing->progress->turnsLeft;
        $mounted = ($run->states[StepKind::Mount->value] ?? StepState::Open) !== StepState::Open;
        $due = [];
        foreach ($run->steps as $step) {
            $open = ($run->states[$step->id()] ?? StepState::Open) === StepState::Open;
            if ($mounted && $left !== null && $step->kind === StepKind::Soak && $step->layer === $run->layer + 1
                && $open && !isset($run->soaks[$step->id()]) && $run->current !== $step->id()) {
                $due[] = [
                    'step' => $step->id(),
                    'in_min' => $left / ($course->pace ?? Usual::PACE_TURNS_PER_MIN) - ($step->seconds ?? 0) / 60,
                ];
            }
        }

        return $due;
    }

    /** @return array<string, mixed>|null the finished level beside the one that was wanted */
    private static function level(Run $run, Course $course): ?array
    {
        return $run->level === null
            ? null
            : ['depth_mm' => $run->level->inMillimetres()] + Written::sentence(Ending::level($run->level, $course->plan->fill->gap));
    }
}
