<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Lesson\BadLesson;
use Undro\Lesson\Choice;
use Undro\Lesson\Lesson;
use Undro\Lesson\LessonId;
use Undro\Lesson\Move;
use Undro\Lesson\Seen;
use Undro\Lesson\Slip;
use Undro\Units\Force;

/**
 * A lesson, in and out.
 *
 * @phpstan-type Judged array{off: float, unit: string, within: float, good: bool, moves: int, slips: list<string>, rule_off: float, rule_moves: int}
 * @phpstan-type Practised array{id: string, lesson: string, seed: int, happened_at: string, off: float, unit: string, within: float, good: bool,
 *     moves: int, slips: list<string>, rule_off: float, rule_moves: int}
 */
final class LessonJson
{
    /** Most moves that are taken in one lesson. */
    public const MOST_MOVES = 200;
    public const MOST_SEED = 1_000_000;

    /** @return list<Move> what was done so far, its figures as typed */
    public static function moves(Input $in): array
    {
        return array_map(static function (Input $move): Move {
            $do = $move->text('do', 20);

            return new Move($do, match ($do) {
                'should', 'lies' => $move->optionalMillimetres('amount', ...Bounds::GAP_MM)?->inMillimetres(),
                'target' => $move->optionalForce('amount', ...Bounds::FORCE_N)?->inNewtons(),
                default => $move->optionalNumber('amount', -1000, 1000),
            });
        }, $in->objects('moves', 0, self::MOST_MOVES));
    }

    /** The lesson where these moves have brought it. @throws BadLesson */
    public static function lesson(LessonId $id, int $seed, Input $in): Lesson
    {
        return $id->after($seed, self::moves($in));
    }

    /** @return array<string, mixed> */
    public static function write(LessonId $id, int $seed, Lesson $lesson, bool $over): array
    {
        $scene = $lesson->scene();
        $spool = $scene->spool;

        return [
            'lesson' => $id->value,
            'title' => $id->title(),
            'given' => array_map(Written::sentence(...), $lesson->given()),
            'can' => $over ? [] : array_map(static fn(Choice $each): array => [
                'do' => $each->do,
                'says' => $each->says,
                'unit' => $each->unit,
                'from' => $each->from,
                'to' => $each->to,
                'start' => $each->start,
                'careless' => $each->careless,
            ], $lesson->can()),
            'seen' => array_map(static fn(Seen $each): array => [
                'says' => Written::sentence($each->says),
                'slips' => array_map(self::slip(...), $each->slips),
            ], $lesson->seen()),
            'can_be_left' => $lesson->canBeLeft(),
            'scene' => [
                'spool' => $spool === null ? null : [
                    'shape' => Written::shape($spool['spool']),
                    'kind' => $spool['kind']->value,
                    'lip' => $spool['lip']->value,
                    'bevel_mm' => $spool['bevel']?->inMillimetres(),
                    'material' => $spool['line']->material->value,
                    'diameter_mm' => $spool['line']->diameter->inMillimetres(),
                    'role' => $spool['role']->value,
                    'surface_mm' => $spool['surface']->inMillimetres(),
                    'mark_mm' => $spool['mark']?->inMillimetres(),
                    'blade_mm' => $spool['blade']?->inMillimetres(),
                ],
                'seat' => $scene->seat === null ? null : [
                    'feed' => $scene->seat['feed']->value,
                    'rotor_turns' => $scene->seat['rotor']?->value,
                    'filler_turns' => $scene->seat['filler']?->value,
                ],
                'slack' => $scene->slack,
                'rod' => $scene->rod === null ? null : [
                    'force_N' => $scene->rod['force']->inNewtons(),
                    'target_N' => $scene->rod['target']->inNewtons(),
                    'within_N' => array_map(static fn(Force $edge): float => $edge->inNewtons(), $scene->rod['within']),
                    'line_N' => $scene->rod['line']->inNewtons(),
                    'parted' => $scene->rod['parted'],
                ],
            ],
            'end' => $over ? self::end($id, $seed, $lesson) : null,
        ];
    }

    /**
     * What a record keeps of a lesson that is over.
     *
     * @return Judged
     *
     * @throws BadLesson if nothing can be judged yet
     */
    public static function kept(LessonId $id, int $seed, Lesson $lesson): array
    {
        $outcome = $lesson->outcome();
        $undro = $id->after($seed, $lesson->asUndro());
        $slips = $outcome->slips;
        foreach ($lesson->seen() as $seen) {
            $slips = [...$slips, ...$seen->slips];
        }

        return [
            'off' => $outcome->off,
            'unit' => $outcome->unit,
            'within' => $outcome->within,
            'good' => $outcome->good(),
            'moves' => $lesson->moves(),
            'slips' => array_values(array_unique(array_map(static fn(Slip $each): string => $each->value, $slips))),
            'rule_off' => $undro->outcome()->off,
            'rule_moves' => $undro->moves(),
        ];
    }

    /**
     * What was kept of one, read back.
     *
     * @return Practised
     *
     * @throws \Undro\Input\BadInput naming the figure that cannot be
     */
    public static function noted(Input $in): array
    {
        return [
            'id' => $in->text('id', 36),
            'lesson' => $in->choice('lesson', LessonId::class)->value,
            'seed' => (int) $in->number('seed', 1, self::MOST_SEED),
            'happened_at' => $in->text('happened_at', 40),
            'off' => $in->number('off', 0, 1e6),
            'unit' => $in->text('unit', 10),
            'within' => $in->number('within', 0, 1e6),
            'good' => $in->boolean('good'),
            'moves' => (int) $in->number('moves', 0, 1000),
            'slips' => $in->texts('slips', 0, 30, 30),
            'rule_off' => $in->number('rule_off', 0, 1e6),
            'rule_moves' => (int) $in->number('rule_moves', 0, 1000),
        ];
    }

    /** @return array<string, mixed> */
    private static function end(LessonId $id, int $seed, Lesson $lesson): array
    {
        return self::outcome($lesson) + ['by_rule' => self::outcome($id->after($seed, $lesson->asUndro()))];
    }

    /** @return array<string, mixed> */
    private static function outcome(Lesson $lesson): array
    {
        $outcome = $lesson->outcome();

        return [
            'off' => $outcome->off,
            'unit' => $outcome->unit,
            'within' => $outcome->within,
            'good' => $outcome->good(),
            'moves' => $lesson->moves(),
            'says' => Written::sentence($outcome->says),
            'slips' => array_map(self::slip(...), $outcome->slips),
        ];
    }

    /** @return array{id: string, word: string, says: string} */
    private static function slip(Slip $slip): array
    {
        return ['id' => $slip->value, 'word' => $slip->word(), 'says' => $slip->says()];
    }
}
