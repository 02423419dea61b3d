<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\Band;
use Undro\Input\BadInput;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\SpoolInput;
use Undro\Learning\BadLearning;
use Undro\Learning\Finished;
use Undro\Learning\Learnt;
use Undro\Line\Line;
use Undro\Spool\Spool;

/** "learn": what finished fills say of the spools' room and the lines' cells, and of a fill still to be wound. */
final class LearnCase implements Calculator
{
    private const FILLS = 20_000;
    private const NAME = 80;

    /**
     * Question and answer: handbook, chapter 7, "learn".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $spools = [];
        foreach ($in->named('spools', 5000) as $name => $spool) {
            $spools[$name] = SpoolInput::spool($spool);
            $spools[$name]->geometry !== null || $in->make(static fn(): never => throw BadLearning::noShape($name));
        }
        $lines = array_map(SpoolInput::line(...), $in->named('lines', 2000));
        $fills = array_map(static fn(Input $fill): Finished => self::fill($fill, $spools, $lines), $in->objects('fills', 0, self::FILLS));
        $learnt = $in->make(static fn(): Learnt => new Learnt($spools, $lines, $fills));
        $plan = $in->has('plan') ? self::plan($in->object('plan'), $learnt) : null;

        return [
            'spools' => array_map(
                static fn(string $name): array => array_combine(['volume_factor', 'volume_sd'], $learnt->room($name)),
                self::names($spools),
            ),
            'lines' => array_map(
                static fn(string $name): array => array_combine(['cell_factor', 'cell_sd'], $learnt->cell($name)),
                self::names($lines),
            ),
        ] + ($plan === null ? [] : ['plan' => [
            'length_m' => $plan->middle->inMetres(),
            'low_m' => $plan->low()->inMetres(),
            'high_m' => $plan->high()->inMetres(),
        ]]) + ['outliers' => $learnt->outliers()];
    }

    /**
     * @param array<string, Spool> $spools
     * @param array<string, Line>  $lines
     */
    private static function fill(Input $in, array $spools, array $lines): Finished
    {
        $spool = $in->text('spool', self::NAME);
        $in->make(static fn(): Spool => $spools[$spool] ?? throw BadLearning::noSuchSpool($spool));
        $layers = array_map(static function (Input $layer) use ($lines): array {
            $line = $layer->text('line', self::NAME);
            $layer->make(static fn(): Line => $lines[$line] ?? throw BadLearning::noSuchLine($line));

            return [$line, $layer->metres('length_m', ...Bounds::LENGTH_M)];
        }, $in->objects('layers', 1, 20));
        $gap = $in->optionalMillimetres('gap_mm', ...Bounds::GAP_MM) ?? throw BadInput::missing('gap_mm');
        $fill = new Finished($spool, $layers, $gap, (int) $in->number('readings', 1, 1000, 1), $in->boolean('keep'));
        // a gap that the spool has not is refused where it was given
        $in->make(static fn(): float => $spools[$spool]->fullVolume($gap)->inCubicMillimetres());

        return $fill;
    }

    private static function plan(Input $in, Learnt $learnt): Band
    {
        $gap = $in->optionalMillimetres('gap_mm', ...Bounds::GAP_MM) ?? throw BadInput::missing('plan.gap_mm');
        $layers = array_map(
            static fn(Input $layer): array => [$layer->text('line', self::NAME), $layer->optionalMetres('length_m', ...Bounds::LENGTH_M)],
            $in->objects('layers', 1, 20),
        );

        return $in->make(static fn(): Band => $learnt->plan($in->text('spool', self::NAME), $gap, $layers));
    }

    /**
     * @param array<string, mixed> $given
     *
     * @return array<string, string>
     */
    private static function names(array $given): array
    {
        $names = array_map(strval(...), array_keys($given));

        return array_combine($names, $names);
    }
}
