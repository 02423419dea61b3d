<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Plan\Plan;
use Undro\Run\BadRun;
use Undro\Run\Course;
use Undro\Run\Mark;
use Undro\Run\MarkKind;
use Undro\Run\Standing;
use Undro\Run\Stop;
use Undro\Run\Tension;
use Undro\Twist\Feed;
use Undro\Twist\FillerSpool;
use Undro\Twist\Sense;
use Undro\Twist\Slack;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** Reads a run: the plan it started from, and the marks of what happened since. */
final class RunInput
{
    private const MARKS = 20_000;
    /** What a mark may say beside its kind and time. */
    public const FIELDS = [
        'step',
        'turns',
        'metres',
        'depths',
        'sure',
        'slack',
        'firm',
        'stop',
        'words',
        'rotor_turns',
        'filler_turns',
        'feed',
        'tension',
        'planned',
        'pace',
        'measures',
    ];
    /** What may be measured once a run is under way: of the spool, and of the reel. */
    private const OF_SPOOL = ['lip_diameter_mm', 'arbor_diameter_mm', 'traverse_mm'];
    private const OF_REEL = ['gear_ratio'];

    /** @throws \Undro\DomainFault */
    public static function standing(Input $in): Standing
    {
        $marks = $in->objects('marks', 0, self::MARKS);

        return Standing::of(self::course(self::measured($in, $marks)), array_map(self::mark(...), $marks));
    }

    /**
     * The run as it would have set out, had all been known that was measured since.
     *
     * @param iterable<Input> $marks
     *
     * @throws \Undro\DomainFault
     */
    public static function measured(Input $in, iterable $marks): Input
    {
        $all = $in->all();
        $case = is_array($all['case'] ?? null) ? $all['case'] : [];
        foreach ($marks as $mark) {
            $found = $mark->text('kind', 20) === MarkKind::Measured->value && $mark->has('measures') ? $mark->object('measures')->all() : [];
            foreach (['spool' => self::OF_SPOOL, 'reel' => self::OF_REEL] as $of => $keys) {
                $new = array_filter(
                    array_intersect_key($found, array_flip($keys)),
                    static fn(mixed $figure): bool => $figure !== null && $figure !== '',
                );
                $case[$of] = $new + (is_array($case[$of] ?? null) ? $case[$of] : []);
            }
        }

        return Input::of(['case' => $case] + $all);
    }

    /** What it sets out with. @throws \Undro\DomainFault */
    public static function course(Input $in): Course
    {
        $case = $in->object('case');
        $read = PlanInput::read($case);
        $plan = $case->make(static fn(): Plan => Plan::of($read->wanted));

        return Course::of(
            $read->wanted,
            $plan,
            $read->lip,
            $read->bevel,
            $in->metres('old_line_m', ...[...Bounds::LENGTH_M, 0.0]),
            $in->has('leader') ? $in->boolean('leader') : null,
            $in->optionalNumber('pace_turns_per_min', 1, 400),
            $in->has('fillers') ? array_map(self::filler(...), $in->named('fillers', 4)) : [],
        );
    }

    /** Across the line on a filler, with what is left on it. @throws \Undro\DomainFault */
    private static function filler(Input $in): Diameter
    {
        $whole = $in->optionalMetres('full_length_m', ...Bounds::LENGTH_M) ?? $in->optionalMetres('left_m', ...Bounds::LENGTH_M) ?? Length::metres(1);

        return $in->make(static fn(): FillerSpool => FillerSpool::of(
            $in->optionalDiameter('full_mm', 5, 1000),
            $in->optionalDiameter('core_mm', 1, 1000),
            $whole,
        ))->with($in->optionalMetres('left_m', ...Bounds::LENGTH_M) ?? $whole);
    }

    /** @throws \Undro\DomainFault */
    public static function mark(Input $in): Mark
    {
        $step = $in->text('step', 40);
        $kind = $in->choice('kind', MarkKind::class);
        // metres of a counter may be taken back, so they may be below 0
        [$metres, $half] = $kind === MarkKind::Said
            ? $in->metresWithin('metres', ...Bounds::LENGTH_M)
            : [$in->optionalMetres('metres', -5000, Bounds::LENGTH_M[1]), null];

        return new Mark(
            $kind,
            $in->text('at', 40),
            $step === '' ? null : $step,
            $in->number('turns', -5000, 5000, 0),
            $metres,
            array_map(
                static fn(Input $each): Length => $each->optionalMillimetres('mm', -20, 200) ?? throw BadRun::noReadings(),
                $in->objects('depths', 0, 12),
            ),
            $in->boolean('sure'),
            $in->optionalChoice('slack', Slack::class),
            $in->has('firm') ? $in->boolean('firm') : null,
            $in->optionalChoice('stop', Stop::class),
            $in->text('words', 500),
            $in->optionalChoice('rotor_turns', Sense::class),
            $in->optionalChoice('filler_turns', Sense::class),
            $in->optionalChoice('feed', Feed::class),
            $in->optionalChoice('tension', Tension::class),
            $half,
            $in->boolean('planned'),
            $in->optionalNumber('pace', 1, 400),
        );
    }
}
