<?php

declare(strict_types=1);

namespace Undro\Match;

use Undro\Drag\Link;
use Undro\Drag\Target;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Line\NominalDiameter;
use Undro\Spool\ReelKind;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Sentence;

/**
 * Whether a line suits a reel and a rod: fits, light or heavy, and what follows. Source: handbook, chapter 1, question 1;
 * the drag's share of the strength is that of chapter 5.
 */
final readonly class LineMatch
{
    /** A line this much outside a printed range still counts as inside: prints are rounded between lb and kg. */
    private const ROUNDING = 0.05;

    /** @param list<Finding> $findings */
    private function __construct(public array $findings) {}

    /**
     * @param Force|null     $strength of the line by its label; null: nominal
     * @param LineRange|null $reel     what is printed on the reel for this material, or the spool's stamp
     * @param bool           $stamped  whether that is only the spool's stamp
     * @param LineRange|null $rod      what is printed on the rod
     * @param float          $fraction of the line's strength the drag is to be set to
     */
    public static function of(
        ReelKind $kind,
        Line $line,
        ?Force $strength,
        ?LineRange $reel,
        bool $stamped,
        ?LineRange $rod,
        ?Force $reelMax,
        ?Force $rodMax,
        float $fraction,
    ): self {
        $holds = $strength ?? NominalDiameter::strengthOf($line->material, $line->diameter);
        $findings = [self::onReel($kind, $line, $holds, $reel, $stamped), self::onRod($line, $holds, $rod)];
        $drag = Force::newtons($fraction * $holds->inNewtons());
        if ($reelMax !== null) {
            $findings[] = self::reelDrag($holds, $drag, $reelMax);
        }
        if ($rodMax !== null) {
            $target = Target::of([Link::of('main line', $holds)], $fraction, null, $rodMax);
            $findings[] = $target->force->inNewtons() < $drag->inNewtons()
                ? new Finding(
                    Against::RodDrag,
                    Verdict::Heavy,
                    Sentence::of(
                        'The rod bears {0} at most, under the {1} this line would allow: the rod governs the drag, and a fish is held '
                            . 'with less.',
                        $rodMax,
                        $drag,
                    ),
                )
                : new Finding(
                    Against::RodDrag,
                    Verdict::Fits,
                    Sentence::of('The rod bears {0}, more than the drag of {1} for this line.', $rodMax, $drag),
                );
        }

        return new self($findings);
    }

    /** The gravest of the verdicts on reel and rod: heavy, light, fits, unknown. */
    public function verdict(): Verdict
    {
        $found = array_map(static fn(Finding $finding): Verdict => $finding->verdict, $this->findings);
        foreach ([Verdict::Heavy, Verdict::Light, Verdict::Fits] as $verdict) {
            if (in_array($verdict, $found, true)) {
                return $verdict;
            }
        }

        return Verdict::Unknown;
    }

    private static function onReel(ReelKind $kind, Line $line, Force $strength, ?LineRange $range, bool $stamped): Finding
    {
        if ($range === null) {
            return new Finding(Against::Reel, Verdict::Unknown, Sentence::of($line->material === Material::Braid
                ? 'Nothing is printed on the reel for braid. What counts is whether drag and rod bear it.'
                : 'Nothing is printed on the reel for this kind of line.'));
        }
        $verdict = self::within($line, $strength, $range, $range->inStrength);
        [$low, $high] = $range->inStrength ? [$range->weakest, $range->strongest] : [$range->thinnest, $range->thickest];
        $is = $range->inStrength ? $strength : $line->diameter;
        $from = $stamped ? 'The spool is stamped for lines' : 'The reel is made for lines';
        $follows = match ($verdict) {
            Verdict::Light => match ($kind) {
                ReelKind::Spinning => '; {2} is thinner. It works, but takes much backing, and can slip behind the spool where the fit '
                    . 'is loose.',
                ReelKind::Baitcasting => '; {2} is lighter. It digs into itself, and the spool overruns with light lures.',
                ReelKind::Spincast => '; {2} is thinner. It can slip past the pin and behind the spool.',
            },
            Verdict::Heavy => match ($kind) {
                ReelKind::Spinning => '; {2} is heavier. Stiff coils cast short and jump off, and little of it fits.',
                ReelKind::Baitcasting => '; {2} is heavier. It packs badly through the level-wind, and little of it fits.',
                ReelKind::Spincast => '; {2} is heavier. It jams under the cone and wears the pin.',
            },
            default => ': {2} fits.',
        };

        return new Finding(Against::Reel, $verdict, self::compared($from, $follows, $low, $high, $is));
    }

    private static function onRod(Line $line, Force $strength, ?LineRange $range): Finding
    {
        if ($range === null) {
            return new Finding(
                Against::Rod,
                Verdict::Unknown,
                Sentence::of('No rod chosen, or nothing printed on it: keep the drag to what the rod can bear.'),
            );
        }
        $verdict = self::within($line, $strength, $range, true);
        $nylonForBraid = $line->material === Material::Braid && $range->material !== Material::Braid
            ? ' The print means nylon; what breaks a rod is the strength.'
            : '';
        $follows = match ($verdict) {
            Verdict::Light => '; {2} is lighter. The line can break before the rod bends: cast gently, and keep the drag to the line.',
            Verdict::Heavy => '; {2} is heavier. The rod breaks before the line does: its limit, not the line, sets the drag, and a snag '
                . 'is pulled by hand, wrapped round wood.',
            default => ': {2} fits.',
        };
        if ($verdict === Verdict::Fits) {
            $nylonForBraid = '';
        }

        return new Finding(
            Against::Rod,
            $verdict,
            self::compared('The rod is made for lines', $follows . $nylonForBraid, $range->weakest, $range->strongest, $strength),
        );
    }

    /** @param string $follows names the line's own figure {2} */
    private static function compared(string $from, string $follows, Force|Diameter $low, Force|Diameter $high, Force|Diameter $is): Sentence
    {
        $none = $low instanceof Force ? $low->inNewtons() <= 0 : $low->inMillimetres() <= 0;

        return $none
            ? Sentence::of("$from up to {0}" . str_replace('{2}', '{1}', $follows), $high, $is)
            : Sentence::of("$from of {0} to {1}$follows", $low, $high, $is);
    }

    private static function reelDrag(Force $strength, Force $drag, Force $max): Finding
    {
        return match (true) {
            $max->inNewtons() < $drag->inNewtons() => new Finding(
                Against::ReelDrag,
                Verdict::Heavy,
                Sentence::of(
                    'The reel holds {0} at most and this line would allow {1}: the reel cannot use all of the line, and a big fish is '
                        . 'not stopped by it.',
                    $max,
                    $drag,
                ),
            ),
            $max->inNewtons() >= $strength->inNewtons() => new Finding(
                Against::ReelDrag,
                Verdict::Light,
                Sentence::of(
                    'Screwed tight, the reel holds {0}, more than the line: it breaks before the drag slips. Set the drag to {1}.',
                    $max,
                    $drag,
                ),
            ),
            default => new Finding(
                Against::ReelDrag,
                Verdict::Fits,
                Sentence::of('The reel holds {0}, enough for the {1} this line would allow.', $max, $drag),
            ),
        };
    }

    private static function within(Line $line, Force $strength, LineRange $range, bool $byStrength): Verdict
    {
        [$is, $low, $high] = $byStrength
            ? [$strength->inNewtons(), $range->weakest->inNewtons(), $range->strongest->inNewtons()]
            : [$line->diameter->inMillimetres(), $range->thinnest->inMillimetres(), $range->thickest->inMillimetres()];

        return match (true) {
            $is < $low * (1 - self::ROUNDING) => Verdict::Light,
            $is > $high * (1 + self::ROUNDING) => Verdict::Heavy,
            default => Verdict::Fits,
        };
    }
}
