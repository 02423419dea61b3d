<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\FullLevel;
use Undro\Input\Input;
use Undro\Line\Lay;
use Undro\Line\Material;
use Undro\Run\Ending;
use Undro\Run\Progress;
use Undro\Run\Run;
use Undro\Run\Step;
use Undro\Run\StepState;
use Undro\Twist\Slack;
use Undro\Twist\SlackTest;

/** "run": where a run stands, from its plan and what happened in it: its steps, what is on, what is left to the next stop. */
final class RunCase implements Calculator
{
    public static function compute(Input $in): array
    {
        $read = RunInput::read($in);
        [$run, $at] = self::stand($read);

        return [
            'steps' => array_map(static fn(Step $step): array => self::step($step, $run), $run->steps),
            'current' => $run->current,
            'over' => $run->over?->value,
            'layer' => $run->layer,
            'layers' => array_map(static fn(int $index): array => [
                'role' => $read->layers[$index]->role->value,
                'material' => $read->layers[$index]->line->material->value,
                'diameter_mm' => $read->layers[$index]->line->diameter->inMillimetres(),
                'planned_m' => $read->plan->fill->layers[$index]->length->inMetres(),
                'bottom_mm' => $read->plan->fill->layers[$index]->bottom?->inMillimetres(),
                'top_mm' => $read->plan->fill->layers[$index]->top?->inMillimetres(),
                'wound_m' => $at->wound[$index]->inMetres(),
                'wound_half_m' => $at->woundHalf[$index]->inMetres(),
                'stopped' => ($run->stops[$index] ?? null)?->value,
                'placed' => self::placed($run, $index),
            ], array_keys($read->layers)),
            'progress' => self::progress($at, $run, $read),
            'slack' => self::slack($run, $read),
            'soaks' => (object) $run->soaks,
            'feed' => $read->setting->feed()->value,
            'grips' => $read->setting->grips,
            'firm' => $run->firm,
            'level' => self::level($run, $read),
            'spool' => PlanCase::shape($read->plan->fill->spool),
            'bare_spool' => PlanCase::shape($read->read->wanted->spool),
            'bevel_mm' => $read->read->bevel?->inMillimetres(),
            'hump_mm' => $read->plan->fill->spool->lay === Lay::Coarse ? FullLevel::HUMP_MM : 0.0,
            'gap_mm' => $read->plan->fill->gap->inMillimetres(),
            'reel' => $read->read->reel->value,
            'lip' => $read->read->lip->value,
        ];
    }

    /** @return array{Run, Progress} @throws \Undro\DomainFault */
    public static function stand(RunInput $read): array
    {
        $run = Run::of($read->setting, $read->marks);

        return [$run, Progress::of($read->plan->fill->spool, $read->plan->fill->gap, $read->layers, $read->read->wanted->gearRatio, $run->layer, $run->stretches)];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step, Run $run): array
    {
        return [
            'id' => $step->id(),
            'kind' => $step->kind->value,
            'layer' => $step->layer,
            'title' => $step->title,
            'do' => $step->do,
            'right' => $step->right,
            'wrong' => $step->wrong,
            'caution' => $step->caution,
            'tool' => $step->kind->tool(),
            'seconds' => $step->seconds,
            'turns' => $step->turns,
            'state' => ($run->states[$step->id()] ?? StepState::Open)->value,
            'notes' => $run->notes[$step->id()] ?? [],
        ];
    }

    /** @return array<string, mixed> */
    private static function progress(Progress $at, Run $run, RunInput $read): array
    {
        $passed = Ending::passed($at, $read->plan->fill);
        $stop = $run->stops[$run->layer] ?? null;
        $turns = $at->turnsLeft;

        return [
            'layer' => $at->layer,
            'turns' => $run->turns(),
            'counter' => $run->counter,
            'left_m' => $at->left->inMetres(),
            'left_half_m' => $at->leftHalf->inMetres(),
            'turns_left' => $turns,
            'minutes_left' => $turns === null || $read->pace === null ? null : $turns / $read->pace,
            'retrieve_m' => $at->retrieve?->inMetres(),
            'pace_m_per_min' => $at->retrieve === null || $read->pace === null ? null : $at->retrieve->inMetres() * $read->pace,
            'depth_mm' => $at->depth?->inMillimetres(),
            'stop_depth_mm' => $at->stopDepth?->inMillimetres(),
            'finish_mm' => $at->finish?->inMillimetres(),
            'finish_half_mm' => $at->finishHalf?->inMillimetres(),
            'finish_off' => $at->finish !== null && Ending::off($at->finish, $read->plan->fill->gap),
            'slow' => $at->slow,
            'replanned' => $at->replanned,
            'doubt' => $at->doubt,
            'counter_short' => $at->counterShort,
            'passed_far' => $passed !== null && ($at->finishIfStopped === null || Ending::off($at->finishIfStopped, $read->plan->fill->gap)),
            'passed' => $passed === null ? null : PlanCase::sentence($passed),
            'stop' => $stop === null ? null : PlanCase::sentence(Ending::next($stop, $at, $read->layers[$run->layer]->role)),
            'may_go_on' => $stop?->mayGoOn() ?? false,
            'layers' => FillCase::result($at->now)['layers'],
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
    private static function slack(Run $run, RunInput $read): array
    {
        $seen = $run->slack[$run->layer] ?? [];
        $test = SlackTest::next($seen, $read->layers[$run->layer]->line->material === Material::Braid);

        return ['seen' => array_map(static fn(Slack $each): string => $each->value, $seen), 'move' => $test->move->value, 'words' => $test->move->words(), 'turned_over' => $test->turnedOver];
    }

    /** @return array<string, mixed>|null the finished level beside the one that was wanted */
    private static function level(Run $run, RunInput $read): ?array
    {
        return $run->level === null ? null : ['depth_mm' => $run->level->inMillimetres()] + PlanCase::sentence(Ending::level($run->level, $read->plan->fill->gap));
    }
}
