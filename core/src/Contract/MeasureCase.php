<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Input\BadInput;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\PlanInput;
use Undro\Json\SpoolInput;
use Undro\Json\Written;
use Undro\Measure\LevelNow;
use Undro\Measure\Measured;
use Undro\Measure\Method;
use Undro\Measure\PaperStrip;
use Undro\Measure\PrintedSheet;
use Undro\Measure\Readings;
use Undro\Measure\Scale;
use Undro\Measure\WrapTest;
use Undro\Plan\MeasuredWith;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Mass;
use Undro\Units\MassUnit;
use Undro\Units\Sentence;

/** "measure": a figure got at the bench, with its tolerance; one too vague to help is refused. */
final class MeasureCase implements Calculator
{
    private const GRAM = 1.0;

    /**
     * Question and answer: handbook, chapter 7, "measure".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $method = $in->choice('method', Method::class);
        $measured = $in->make(static fn(): Measured => match ($method) {
            Method::WrapTest, Method::ShortWrapTest => WrapTest::of(
                (int) round($in->number('wraps', 1, 500)),
                $in->optionalMillimetres('over_mm', 0.1, 300) ?? throw BadInput::missing('over_mm'),
            ),
            Method::Caliper, Method::Ruler => Readings::of(self::readings($in), $method),
            Method::PaperStrip => PaperStrip::of($in->optionalMillimetres('round_mm', 5, 1300) ?? throw BadInput::missing('round_mm')),
            Method::KitchenScale => Scale::left(
                $in->metres('full_length_m', 1, Bounds::LENGTH_M[1]),
                self::mass($in, 'full_g'),
                self::mass($in, 'mass_g'),
                ChooseCase::mass($in, 'empty_g', MassUnit::Gram),
                PlanInput::line($in->object('line'))[0],
                self::step($in),
            ),
            Method::Weighed => Scale::on(
                self::mass($in, 'before_g'),
                self::mass($in, 'after_g'),
                PlanInput::line($in->object('line'))[0],
                self::step($in),
            ),
            Method::Level => self::level($in),
            Method::SteppedGauge => self::byTheGauge($in),
            Method::PrintedStrip => self::sheet($in)->strip(
                $in->optionalMillimetres('reads_mm', 5, 400) ?? throw BadInput::missing('reads_mm'),
            ),
        });

        $under = self::under($in)?->length;

        return self::figure($measured) + ($under === null || $measured->figure instanceof Diameter ? [] : [
            'total_m' => $under->inMetres() + $measured->figure->inMetres(),
        ]) + [
            'half' => $measured->half(),
            'method' => $measured->method->value,
            'word' => $measured->method->word(),
            'workings' => $measured->workings->text(),
            'says' => Written::sentence($measured->workings),
        ];
    }

    /** @return array<string, float> */
    private static function figure(Measured $measured): array
    {
        return $measured->figure instanceof Diameter
            ? ['diameter_mm' => $measured->figure->inMillimetres()]
            : ['length_m' => $measured->figure->inMetres()];
    }

    /** @return non-empty-list<Length> */
    private static function readings(Input $in): array
    {
        $read = array_filter(array_map(
            static fn(string $key): ?Length => $in->optionalMillimetres($key, 0.5, 400),
            ['first_mm', 'second_mm', 'third_mm'],
        ));

        return $read === [] ? throw BadInput::missing('first_mm') : array_values($read);
    }

    private static function sheet(Input $in): PrintedSheet
    {
        return PrintedSheet::checkedBy($in->optionalMillimetres('bar_mm', 1, 1000));
    }

    private static function level(Input $in): Measured
    {
        $depth = $in->optionalMillimetres('depth_mm', ...Bounds::GAP_MM) ?? throw BadInput::missing('depth_mm');
        $readings = (int) $in->number('readings', 1, 20, 1);

        return LevelNow::of(
            self::spool($in),
            $depth,
            Tolerance::depthReadingMm($readings),
            PlanInput::line($in->object('line'))[0],
            self::under($in),
            Method::Level,
            Sentence::of('{0} below the lip, ' . ($readings === 1 ? 'one reading' : "$readings readings"), $depth),
        );
    }

    private static function byTheGauge(Input $in): Measured
    {
        $step = $in->number('step', PrintedSheet::STEP_MM, PrintedSheet::DEEPEST_MM);
        [$depth, $sd] = self::sheet($in)->depth($step);

        return LevelNow::of(
            self::spool($in),
            $depth,
            $sd,
            PlanInput::line($in->object('line'))[0],
            self::under($in),
            Method::SteppedGauge,
            Sentence::of('{0} below the lip: step ' . sprintf('%.1F', $step) . ' fits, the next does not', $depth),
        );
    }

    private static function spool(Input $in): Spool
    {
        $spoolIn = $in->object('spool');
        $sd = $spoolIn->choice('measured_with', MeasuredWith::class, MeasuredWith::Unknown)->sd();

        return SpoolInput::assembled(
            $spoolIn,
            SpoolInput::measures($spoolIn, $sd),
            $in->choice('reel', ReelKind::class, ReelKind::Spinning),
        );
    }

    private static function under(Input $in): ?Layer
    {
        if (!$in->has('under')) {
            return null;
        }
        $under = $in->object('under');

        return Layer::of(Role::Backing, PlanInput::line($under)[0], $under->metres('length_m', ...Bounds::LENGTH_M));
    }

    private static function mass(Input $in, string $key): Mass
    {
        return ChooseCase::mass($in, $key, MassUnit::Gram) ?? throw BadInput::missing($key);
    }

    private static function step(Input $in): Mass
    {
        return ChooseCase::mass($in, 'step_g', MassUnit::Gram) ?? Mass::of(self::GRAM, MassUnit::Gram);
    }
}
