<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Fill\FullLevel;
use Undro\Ledger\How;
use Undro\Line\Lay;
use Undro\Run\Ahead;
use Undro\Run\Belief;
use Undro\Run\Course;
use Undro\Run\Ending;
use Undro\Run\Run;
use Undro\Run\Standing;
use Undro\Run\Step;
use Undro\Run\StepState;
use Undro\Run\Stop;
use Undro\Twist\Feed;
use Undro\Twist\Slack;
use Undro\Units\Length;

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
            'layers' => self::layers($standing),
            'progress' => self::progress($standing),
            'slack' => self::slack($standing),
            'soaks' => (object) $run->soaks,
            'soaks_due' => array_map(
                static fn(array $due): array => ['step' => $due['step']->id(), 'in_min' => $due['minutes']],
                $standing->soaksDue(),
            ),
            'feed' => $course->setting->feed()->value,
            'hold' => ['id' => $course->setting->hold()->value, 'word' => $course->setting->hold()->word()],
            'grips' => $course->setting->grips,
            'parked' => $course->setting->mainParked,
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

    /**
     * How it goes on as planned, for whoever winds where nothing can be asked.
     *
     * @param list<Ahead> $ahead
     *
     * @return array{points: list<array<string, mixed>>, slack: list<array<string, mixed>>}
     */
    public static function ahead(array $ahead): array
    {
        $first = $ahead[0] ?? null;

        return [
            'points' => array_map(static fn(Ahead $each): array => [
                'layer' => $each->layer,
                'turns' => $each->turns,
                'layers' => self::layers($each->standing),
                'progress' => ['stop' => null, 'may_go_on' => false, 'begin_anew' => false] + self::progress($each->standing),
                'stops' => array_combine(
                    array_map(static fn(Stop $stop): string => $stop->value, Stop::cases()),
                    array_map(static fn(Stop $stop): array => self::stopped($each->standing, $stop), Stop::cases()),
                ),
            ], $ahead),
            'slack' => $first === null ? [] : self::slackAhead($first->standing),
        ];
    }

    /** @return list<array<string, mixed>> every move of the slack test, by what may be seen and looked at */
    private static function slackAhead(Standing $standing): array
    {
        $moves = [];
        foreach (Feed::cases() as $feed) {
            foreach ([true, false, null] as $matched) {
                foreach ([[null, 0], [Slack::Straight, 0], ...array_map(static fn(int $loops): array => [Slack::Loops, $loops], [1, 2, 3])] as [$last, $loops]) {
                    $seen = $last === null ? [] : ($last === Slack::Straight ? [$last] : array_fill(0, $loops, Slack::Loops));
                    $test = $standing->slackIf($seen, $matched, $feed);
                    $moves[] = [
                        'feed' => $feed->value,
                        'matched' => $matched,
                        'last' => $last?->value,
                        'loops' => $loops,
                        'move' => $test->move->value,
                        'words' => $test->move->words(),
                        'turned_over' => $test->turnedOver,
                    ];
                }
            }
        }

        return $moves;
    }

    /** @return array<string, mixed> what is said of a layer that stopped there */
    private static function stopped(Standing $standing, ?Stop $stop): array
    {
        [$at, $run, $course] = [$standing->progress, $standing->run, $standing->course];

        return [
            'stop' => $stop === null ? null : Written::sentence(
                Ending::next($stop, $at, $course->layers[$run->layer]->role, $run->layer === 0 && $course->setting->kept === null),
            ),
            'may_go_on' => $stop?->mayGoOn() ?? false,
            'begin_anew' => $stop === Stop::Snapped && Ending::few($at),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function layers(Standing $standing): array
    {
        [$at, $run, $course] = [$standing->progress, $standing->run, $standing->course];

        return array_map(static fn(int $index): array => [
            'role' => $course->layers[$index]->role->value,
            'material' => $course->layers[$index]->line->material->value,
            'diameter_mm' => $course->layers[$index]->line->diameter->inMillimetres(),
            'planned_m' => $course->plan->fill->layers[$index]->length->inMetres(),
            'bottom_mm' => $course->plan->fill->layers[$index]->bottom?->inMillimetres(),
            'top_mm' => $course->plan->fill->layers[$index]->top?->inMillimetres(),
            'wound_m' => $at->wound[$index]->inMetres(),
            'wound_half_m' => $at->woundHalf[$index]->inMetres(),
            'known' => How::values($at->known[$index]),
            'stopped' => ($run->stops[$index] ?? null)?->value,
            'placed' => self::placed($run, $index),
        ], array_keys($course->layers));
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
        $turns = $at->turnsLeft;

        return [
            'layer' => $at->layer,
            'turns' => $run->turns(),
            'turns_open' => $run->turnsOpen(),
            'counter' => $run->counter,
            'counter_m' => $at->byCounter?->inMetres(),
            'counter_as_m' => $at->byCounter === null ? null : $at->byCounter->inMetres() * (1 + Belief::SLIP),
            'mark_m' => $at->mark()->inMetres(),
            'mark_half_m' => $at->markHalf()->inMetres(),
            'left_m' => $at->left->inMetres(),
            'left_half_m' => $at->leftHalf->inMetres(),
            'turns_left' => $turns,
            'minutes_left' => $turns === null || $standing->pace() === null ? null : $turns / $standing->pace(),
            'retrieve_m' => $at->retrieve?->inMetres(),
            'by_experience' => self::byExperience($course, $at->retrieve),
            'pace_m_per_min' => $at->retrieve === null || $standing->pace() === null ? null : $at->retrieve->inMetres() * $standing->pace(),
            'depth_mm' => $at->depth?->inMillimetres(),
            'stop_depth_mm' => $at->stopDepth?->inMillimetres(),
            'finish_mm' => $at->finish?->inMillimetres(),
            'finish_half_mm' => $at->finishHalf?->inMillimetres(),
            'finish_off' => $at->finish !== null && Ending::off($at->finish, $course->plan->fill->gap),
            'far_from_mark' => $at->farFromMark(),
            'slow' => $at->slow,
            'replanned' => $at->replanned,
            'doubt' => $at->doubt,
            'counter_short' => $at->counterShort,
            'passed_far' => $passed !== null && ($at->finishIfStopped === null || Ending::off(
                $at->finishIfStopped,
                $course->plan->fill->gap,
            )),
            'passed' => $passed === null ? null : Written::sentence($passed),
            'layers' => FillJson::layers($at->now),
        ] + self::stopped($standing, $run->stops[$run->layer] ?? null);
    }

    /** @return array<string, mixed>|null how sure the line per turn is where it is taken by experience, and what makes it surer */
    private static function byExperience(Course $course, ?Length $perTurn): ?array
    {
        $usual = $course->byExperience();

        return $usual === null || $perTurn === null ? null : [
            'half_m' => $usual->half($perTurn)->inMetres(),
            'shape' => $usual->perTurn !== null,
            'gear' => $course->wanted->gearRatio === null,
            'surer' => Written::sentence($usual->surer),
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
    private static function slack(Standing $standing): array
    {
        $test = $standing->slackTest();

        return [
            'seen' => array_map(static fn(Slack $each): string => $each->value, $standing->run->slack[$standing->run->layer] ?? []),
            'move' => $test->move->value,
            'words' => $test->move->words(),
            'turned_over' => $test->turnedOver,
            'matched' => $standing->matched(),
            'matched_turns_per_m' => $standing->matchedTwist()?->winding,
        ];
    }

    /** @return array<string, mixed>|null the finished level beside the one that was wanted */
    private static function level(Run $run, Course $course): ?array
    {
        return $run->level === null
            ? null
            : ['depth_mm' => $run->level->inMillimetres()] + Written::sentence(Ending::level($run->level, $course->plan->fill->gap));
    }
}
