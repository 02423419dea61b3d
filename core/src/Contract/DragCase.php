<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Drag\Link;
use Undro\Drag\Runout;
use Undro\Drag\Target;
use Undro\Line\Line;
use Undro\Units\Force;
use Undro\Units\Length;

/** "drag": the target force and what becomes of it as line runs out. */
final class DragCase implements Calculator
{
    public static function compute(Input $in): array
    {
        $target = Target::of(
            array_map(self::link(...), $in->objects('links', 1, 20)),
            $in->number('fraction', 0.01, 1.0),
            $in->optionalForce('reel_max_N', ...Bounds::FORCE_N),
            $in->optionalForce('rod_max_N', ...Bounds::FORCE_N),
        );
        $weakest = $target->weakest->working();
        $runout = self::runout($in);
        $limit = Force::newtons($in->number('limit_fraction', 0.01, 2.0, 0.5) * $weakest->inNewtons());

        return [
            'governs' => $target->governs->value,
            'weakest' => $target->weakest->name,
            'weakest_N' => $weakest->inNewtons(),
            'target_N' => $target->force->inNewtons(),
            'ladder' => array_map(static function (float $metres) use ($runout, $target, $weakest): array {
                $force = $runout->force($target->force, Length::metres($metres))->inNewtons();

                return [
                    'line_out_m' => $metres,
                    'diameter_mm' => $runout->surface(Length::metres($metres))->inMillimetres(),
                    'force_N' => $force,
                    'share_of_weakest' => $force / $weakest->inNewtons(),
                ];
            }, $in->numbers('line_out_m', 0, Bounds::LENGTH_M[1], 'm', 500)),
            'limit_line_out_m' => $runout->lineOutAt($target->force, $limit)?->inMetres(),
        ];
    }

    private static function runout(Input $in): Runout
    {
        $spool = SpoolInput::spool($in->object('spool'));
        $main = $in->object('main');
        $line = SpoolInput::line($main);
        $length = $main->optionalMetres('length_m', ...Bounds::LENGTH_M);
        $backing = $in->has('backing') ? SpoolInput::line($in->object('backing')) : null;
        $gap = $in->optionalMillimetres('gap_mm', ...Bounds::GAP_MM) ?? $spool->ratedGap;

        return $in->make(static fn(): Runout => Runout::of($spool, $gap, $line, $length, $backing));
    }

    private static function link(Input $in): Link
    {
        return Link::of(
            $in->text('name', 60),
            $in->force('rated_N', ...Bounds::FORCE_N),
            $in->number('efficiency', 0.01, 1.0, 1.0),
            $in->number('condition', 0.01, 1.0, 1.0),
        );
    }
}
