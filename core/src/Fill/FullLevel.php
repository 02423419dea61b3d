<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Habit\FullMeans;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;
use Undro\Spool\Usual;
use Undro\Units\Length;

/**
 * How far under the lip a full spool ends: a base from the reel and the lip, then adjustments, each of which the
 * angler can switch off. Source: handbook, chapter 2, "How full".
 */
final readonly class FullLevel
{
    private const STRAIGHT_LIP_MM = 1.75;
    private const ROTATING_OR_CONE_MM = 3.0;
    private const OVER_BEVEL_MM = 0.5;
    private const SPRINGY_FROM_MM = 0.30;
    private const THIN_BRAID_TO_MM = 0.12;
    private const FLOOR_MM = 0.75;
    /** How high a coarse lay's hump stands over the rest. */
    public const HUMP_MM = 0.75;

    /** @param non-empty-list<GapReason> $reasons base first; they add up to the gap */
    private function __construct(public Length $gap, public array $reasons) {}

    /**
     * @param Line               $line the line that ends up on top
     * @param list<GapReasonId>  $off  adjustments the angler has switched off
     * @param FullMeans          $means the angler's own idea of full, in place of the base
     * @param Length|null        $mark  a full mark of the spool's own, under the lip: it is the base, whatever the angler's idea
     */
    public static function of(
        ReelKind $reel,
        LipShape $lip,
        ?Length $bevelDepth,
        Line $line,
        Lay $lay,
        bool $longCast,
        bool $beginner,
        array $off = [],
        FullMeans $means = FullMeans::Rule,
        ?Length $mark = null,
    ): self {
        $diameter = $line->diameter->inMillimetres();
        $braid = $line->material === Material::Braid;
        $adjustments = [
            [GapReasonId::Springy, !$braid && $diameter > self::SPRINGY_FROM_MM, 0.75],
            [GapReasonId::ThinBraid, $braid && $diameter < self::THIN_BRAID_TO_MM, 0.5],
            [GapReasonId::PoorLay, $lay === Lay::Coarse, self::HUMP_MM],
            [GapReasonId::LongCast, $longCast, -0.75],
            [GapReasonId::Beginner, $beginner, 0.5],
        ];
        $sum = $mark?->inMillimetres()
            ?? $means->baseMm($lip === LipShape::Bevelled ? $bevelDepth?->inMillimetres() : null)
            ?? self::base($reel, $lip, $bevelDepth);
        $reasons = [new GapReason(GapReasonId::Base, Length::millimetres($sum))];
        foreach ($adjustments as [$id, $applies, $millimetres]) {
            if ($applies && !in_array($id, $off, true)) {
                $reasons[] = new GapReason($id, Length::millimetres($millimetres));
                $sum += $millimetres;
            }
        }
        if ($sum < self::FLOOR_MM && !in_array(GapReasonId::Floor, $off, true)) {
            $reasons[] = new GapReason(GapReasonId::Floor, Length::millimetres(self::FLOOR_MM - $sum));
            $sum = self::FLOOR_MM;
        }

        return new self(Length::millimetres($sum), $reasons);
    }

    private static function base(ReelKind $reel, LipShape $lip, ?Length $bevelDepth): float
    {
        $bevel = $lip === LipShape::Bevelled ? $bevelDepth?->inMillimetres() : null;

        return match ($reel) {
            ReelKind::Spinning => $lip === LipShape::Bevelled ? $bevel ?? Usual::BEVEL_MM : self::STRAIGHT_LIP_MM,
            ReelKind::Baitcasting => $bevel === null ? self::ROTATING_OR_CONE_MM : $bevel + self::OVER_BEVEL_MM,
            ReelKind::Spincast => self::ROTATING_OR_CONE_MM,
        };
    }
}
