<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Choice\Fishing;
use Undro\Drag\Chain;
use Undro\Drag\Easing;
use Undro\Drag\Guides;
use Undro\Drag\Link;
use Undro\Drag\LinkKind;
use Undro\Drag\Pulls;
use Undro\Drag\Rise;
use Undro\Drag\RodAngle;
use Undro\Drag\Runout;
use Undro\Drag\Target;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Habit\Habits;
use Undro\Input\BadInput;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\ChainInput;
use Undro\Json\FillJson;
use Undro\Json\PullsInput;
use Undro\Json\SpoolInput;
use Undro\Json\Written;
use Undro\Spool\Arbor;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Sentence;
use Undro\Units\Typed;

/**
 * "drag": the target force and what becomes of it as line runs out. Beyond the contract: `layers` as they lie on the spool in place of gap,
 * main and backing, the `chain` as it is typed in place of links, a sleeve, measured points at other levels, and what the screen draws.
 */
final class DragCase implements Calculator
{
    private const POINTS = 60;
    /** A setting that gives so much more or less than when it was kept is worth a word. */
    private const WORTH_SAYING = 0.01;

    /**
     * Question and answer: handbook, chapter 7, "drag".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $links = $in->has('chain') ? ChainInput::links($in->object('chain')) : array_map(self::link(...), $in->objects('links', 1, 20));
        $own = self::fraction($in);
        $habits = Habits::of($in->words('schools', 20));
        $habit = $habits->dragFraction(self::weakestOfLabel($links));
        $fraction = $own ?? $habit ?? $in->optionalChoice(
            'fishing',
            Fishing::class,
        )?->dragFraction() ?? throw BadInput::missing('fraction');
        $target = $in->make(static fn(): Target => Target::of(
            $links,
            $fraction,
            $in->optionalForce('reel_max_N', ...Bounds::FORCE_N),
            $in->optionalForce('rod_max_N', ...Bounds::FORCE_N),
        ));

        return [
            ...self::target($target, $fraction, $in),
            'fraction_from' => $own !== null ? 'own' : ($habit !== null ? 'habit' : 'fishing'),
            'label_share' => $own === null ? $habits->labelShare() : null,
            ...self::chain($links, $in),
            ...self::runsOut($in, $target),
        ];
    }

    /**
     * What the weakest link holds, as a share of the main line's label.
     *
     * @param list<Link> $links
     */
    private static function weakestOfLabel(array $links): float
    {
        $main = array_values(array_filter($links, static fn(Link $link): bool => $link->kind === LinkKind::Main))[0] ?? $links[0] ?? null;

        return $main === null ? 1.0 : Chain::of($links)->weakest->working()->inNewtons() / $main->rated->inNewtons();
    }

    /** A share of the weakest link; typed, it may be in per cent. */
    private static function fraction(Input $in): ?float
    {
        $typed = $in->all()['fraction'] ?? null;
        if (!is_string($typed) || trim($typed) === '') {
            return is_string($typed) ? null : $in->optionalNumber('fraction', 0.01, 1.0);
        }
        $share = $in->read('fraction', static fn(): float => Typed::share($in->text('fraction', 20), 1.0));
        $in->within('fraction', $share, 0.01, 1.0, '');

        return $share;
    }

    /** @return array<string, mixed> */
    private static function target(Target $target, float $fraction, Input $in): array
    {
        $weakest = $target->weakest->working()->inNewtons();
        $guides = self::guides($in);
        $through = $in->boolean('tip', true) ? 1.0 : $guides;
        $asks = Force::newtons($target->force->inNewtons() / $through);
        $set = $in->optionalForce('wanted_N', ...Bounds::FORCE_N) ?? $asks;
        $share = $through * $set->inNewtons() / $weakest;

        return [
            'governs' => $target->governs->value,
            'weakest' => $target->weakest->name,
            'weakest_N' => $weakest,
            'target_N' => $target->force->inNewtons(),
            'fraction' => $fraction,
            'asks_N' => $asks->inNewtons(),
            'to_set_N' => $set->inNewtons(),
            'asked_share' => $share,
            'ask_again' => $share > Target::ASK_AGAIN + 1e-9,
            'within' => array_map(static fn(Force $edge): float => $edge->inNewtons(), Pulls::band($set)),
            'stop_N' => min(
                Target::ASK_AGAIN * $weakest / $through,
                $in->optionalForce('reel_max_N', ...Bounds::FORCE_N)?->inNewtons() ?? INF,
                ($in->optionalForce('rod_max_N', ...Bounds::FORCE_N)?->inNewtons() ?? INF) / $through,
            ),
            'full_stop_N' => Target::FULL_STOP * $weakest / $through,
            'guides' => $guides,
            'at_tip_N' => array_map(
                static fn(float $more): float => $more * $set->inNewtons(),
                $in->has('guides') ? [$guides, $guides] : [1 + Guides::MORE[0], 1 + Guides::MORE[1]],
            ),
        ];
    }

    /** Force at the tip over force at the reel, as it was measured here or as it usually is. */
    private static function guides(Input $in): float
    {
        return $in->number('guides', 1.0, 2.0, Guides::USUAL);
    }

    /** How far to turn the knob back; null: the pulls it was set by are not told, or were at one place alone. */
    private static function easing(Input $in): ?Easing
    {
        if (!$in->has('set_by')) {
            return null;
        }
        $by = $in->object('set_by');
        $read = PullsInput::read($by);

        return $read->pulls === [] ? null : Easing::of($read->knob, Pulls::of($read->pulls), $by->boolean('from_off'));
    }

    /**
     * @param list<Link> $links
     *
     * @return array<string, mixed>
     */
    private static function chain(array $links, Input $in): array
    {
        $chain = Chain::of($links);
        $angle = $in->optionalNumber('rod_angle_deg', 0, 180);

        return [
            'links' => array_map(static fn(Link $link): array => [
                'name' => $link->name,
                'kind' => $link->kind?->value,
                'working_N' => $link->working()->inNewtons(),
                'at_best_N' => $link->atBest()->inNewtons(),
                'weakest' => $link === $chain->weakest,
            ], $links),
            'surprises' => array_map(Written::sentence(...), $chain->surprises()),
            'angle' => $angle === null ? null : RodAngle::of($angle)?->says(),
        ];
    }

    /** @return array<string, mixed> */
    private static function runsOut(Input $in, Target $target): array
    {
        if (!$in->has('spool')) {
            $in->has('layers') || throw BadInput::missing('spool');

            return self::NOTHING_RUNS_OUT;
        }
        $spool = self::spool($in->object('spool'), $in->optionalChoice('reel', ReelKind::class));
        $layers = array_map(FillJson::layer(...), $in->objects('layers', 0, 200));
        if ($layers !== [] && $spool->geometry === null) {
            return self::NOTHING_RUNS_OUT;
        }
        $runout = $in->make(static fn(): Runout => $layers === [] ? self::full($in, $spool) : Runout::filled($spool, $layers));
        $weakest = $target->weakest->working();
        $kept = $in->optionalForce('set_N', ...Bounds::FORCE_N);
        $through = $in->boolean('set_tip', true) ? 1.0 : self::guides($in);
        $set = $kept === null ? $target->force : Force::newtons($through * self::setNow($kept, $in, $runout)->inNewtons());
        $rise = $in->make(static fn(): Rise => Rise::of($runout, $set, array_map(
            static fn(Input $point): array => [
                $point->metres('line_out_m', ...Bounds::LENGTH_M),
                Force::newtons($through * $point->force('running_N', ...Bounds::FORCE_N)->inNewtons()),
            ],
            $in->objects('measured', 0, 20),
        )));
        $limit = Force::newtons($in->number('limit_fraction', 0.01, 2.0, 0.5) * $weakest->inNewtons());
        $easing = self::easing($in);
        $row = static fn(float $metres): array => self::row($runout, $rise, $set, $weakest, $metres, $easing, $through);
        $total = $layers === []
            ? null
            : array_sum(array_map(static fn(Layer $layer): float => $layer->length?->inMetres() ?? 0.0, $layers));
        $reached = $total === null ? null : $rise->lineOutAt($limit, Length::metres($total));
        $out = $in->optionalMetres('at_line_out_m', 0, 1_000_000)?->inMetres();

        return [
            'ladder' => array_map($row, $in->numbers('line_out_m', 0, Bounds::LENGTH_M[1], 'm', 500)),
            'limit_line_out_m' => $runout->lineOutAt($set, $limit)?->inMetres(),
            'limit_N' => $limit->inNewtons(),
            'set_N' => $set->inNewtons(),
            'set_changed' => $kept !== null && abs($set->inNewtons() / $kept->inNewtons() / $through - 1) > self::WORTH_SAYING,
            'at_least' => $total !== null && $rise->atLeast(Length::metres($total)),
            'ask_at_m' => $total === null ? null : Rise::ASKED * $total,
            'no_law' => $easing === null && $kept !== null,
            'total_m' => $total,
            'retrieve_m' => ($gear = $in->optionalNumber('gear_ratio', ...Bounds::GEAR_RATIO)) === null ? null : FillCalculator::retrieve(
                $runout->surface(Length::metres(0)),
                $gear,
            )->inMetres(),
            'expected_limit_line_out_m' => $reached?->inMetres(),
            'limit_says' => $total === null ? null : Written::sentence(self::limitSays($target->weakest, $reached, $total, $rise->atLeast(Length::metres($total)))),
            'curve' => $total === null ? [] : array_map(
                static fn(int $i): array => $row($total * $i / (self::POINTS - 1)),
                range(0, self::POINTS - 1),
            ),
            'measured' => array_map(static fn(array $point): array => [
                'line_out_m' => $point[0],
                'running_N' => $point[1] * $runout->force($set, Length::metres($point[0]))->inNewtons(),
                'over_predicted' => $point[1],
            ], $rise->excess),
            'by_measured' => $rise->byMeasured(),
            'verdict' => ($says = $rise->verdict()) === null ? null : Written::sentence($says),
            'at' => $out === null || $total === null ? null : $row(min($out, $total)) + [
                'picture' => self::picture($spool, $layers, min($out, $total)) + [
                    'bevel_mm' => $in->object('spool')->optionalMillimetres('bevel_depth_mm', 0, 30)?->inMillimetres(),
                ],
            ],
        ];
    }

    private static function limitSays(Link $weakest, ?Length $reached, float $total, bool $atLeast): Sentence
    {
        $third = Length::metres(Rise::ASKED * $total);

        return match (true) {
            $atLeast && $reached === null => Sentence::of(
                'These figures are the lowest possible. Drags that stick or heat up have been measured at three to four times their '
                    . 'setting with a third of the line gone. ' . "That soon passes half of what the $weakest->name holds. "
                    . 'Pull once with {0} out to find out.',
                $third,
            ),
            $atLeast && $reached->inMetres() >= 0.5 => Sentence::of(
                "With {0} out at the latest, the drag reaches half of what the $weakest->name holds; sooner if it sticks or heats up. "
                    . 'Pull once with {1} out to find out. Ease off before that, and never tighten as the spool empties.',
                $reached,
                $third,
            ),
            $reached === null => Sentence::of("The drag stays below half of what the $weakest->name holds, down to the arbor."),
            $reached->inMetres() < 0.5 => Sentence::of("The drag is at half of what the $weakest->name holds from the start. Set it lower."),
            default => Sentence::of(
                "With {0} out, the drag reaches half of what the $weakest->name holds. Ease off before that, and never tighten as the "
                    . 'spool empties.',
                $reached,
            ),
        };
    }

    /** What it was set to, by the surface it was set on: the washers hold a torque, so it is more on a spool that has emptied since. */
    private static function setNow(Force $kept, Input $in, Runout $runout): Force
    {
        $on = $in->optionalDiameter('set_on_mm', ...Bounds::SPOOL_MM);

        return $on === null
            ? $kept
            : Force::newtons($kept->inNewtons() * $on->inMillimetres() / $runout->surface(Length::metres(0))->inMillimetres());
    }

    /** What is not known of a spool without a shape. */
    private const NOTHING_RUNS_OUT = [
        'ladder' => [],
        'limit_line_out_m' => null,
        'limit_N' => null,
        'set_N' => null,
        'set_changed' => false,
        'at_least' => false,
        'ask_at_m' => null,
        'no_law' => false,
        'total_m' => null,
        'retrieve_m' => null,
        'expected_limit_line_out_m' => null,
        'limit_says' => null,
        'curve' => [], 'measured' => [], 'by_measured' => false, 'verdict' => null, 'at' => null,
    ];

    /** @return array<string, mixed> */
    private static function row(Runout $runout, Rise $rise, Force $set, Force $weakest, float $metres, ?Easing $easing, float $through): array
    {
        $out = Length::metres($metres);
        $force = $runout->force($set, $out)->inNewtons();
        $expected = $rise->force($out)->inNewtons();
        $back = $easing?->back($set->inNewtons() / $expected);

        return [
            'line_out_m' => $metres,
            'diameter_mm' => $runout->surface($out)->inMillimetres(),
            'force_N' => $force,
            'rise' => $runout->rise($out),
            'share_of_weakest' => $force / $weakest->inNewtons(),
            'expected_N' => $expected,
            'expected_share' => $expected / $weakest->inNewtons(),
            'ease_to_N' => $rise->setFor($out)->inNewtons() / $through,
            'depth_mm' => $runout->depth($out)->inMillimetres(),
            'back' => $back === null ? null : ['amount' => $back, 'words' => $easing->words($back)],
        ];
    }

    /**
     * The spool with so much line off.
     *
     * @param list<Layer> $layers
     *
     * @return array<string, mixed>
     */
    private static function picture(Spool $spool, array $layers, float $out): array
    {
        $left = [];
        foreach (array_reverse($layers) as $layer) {
            $metres = $layer->length?->inMetres() ?? 0.0;
            $off = min($out, $metres);
            $out -= $off;
            if ($metres - $off > 0.01) {
                array_unshift($left, Layer::of($layer->role, $layer->line, Length::metres($metres - $off)));
            }
        }

        return [
            'shape' => Written::shape($spool),
            'layers' => $left === [] ? [] : FillJson::write(FillCalculator::solve($spool, null, $left))['layers'],
        ];
    }

    private static function spool(Input $in, ?ReelKind $reel): Spool
    {
        $spool = $reel === null
            ? SpoolInput::spool($in)
            : SpoolInput::assembled($in, SpoolInput::measures($in, Tolerance::GEOMETRY), $reel);
        $sleeve = $in->optionalDiameter('sleeve_mm', ...Bounds::SPOOL_MM);

        return $sleeve === null ? $spool : $in->make(static fn(): Spool => $spool->withArbor(Arbor::straight($sleeve)));
    }

    private static function full(Input $in, Spool $spool): Runout
    {
        $main = $in->object('main');
        $gap = $in->optionalMillimetres('gap_mm', ...Bounds::GAP_MM) ?? $spool->ratedGap;
        $backing = $in->has('backing') ? SpoolInput::line($in->object('backing')) : null;

        return Runout::of($spool, $gap, SpoolInput::line($main), $main->optionalMetres('length_m', ...Bounds::LENGTH_M), $backing);
    }

    private static function link(Input $in): Link
    {
        return $in->make(static fn(): Link => Link::of(
            $in->text('name', 60),
            $in->force('rated_N', ...Bounds::FORCE_N),
            $in->number('efficiency', 0.01, 1.0, 1.0),
            $in->number('condition', 0.01, 1.0, 1.0),
            $in->optionalNumber('efficiency_high', 0.01, 1.0),
            $in->optionalChoice('kind', LinkKind::class),
        ));
    }
}
