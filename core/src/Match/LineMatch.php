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
use Undro\Units\ForceUnit;
use Undro\Units\Sentence;

/**
 * Whether a line suits a reel and a rod: fits, light or heavy, and what follows. Source: handbook, chapter 1, question 1;
 * the drag's share of the strength is that of chapter 5.
 */
final readonly class LineMatch
{
    /** A line this much outside a printed range still counts as inside: prints are rounded between lb and kg. */
    private const ROUNDING = 0.05;
    /** So many times the rod's rating, braid is still everyday tackle: 20 lb on a 6-12 lb rod, or 30 lb. General experience of ours. */
    private const EVERYDAY_BRAID = 3.0;
    public const ROD_FIRST = 'With a locked drag, or on a snag, the rod can break first. Pull a snag by hand, with the line round a piece '
        . 'of wood.';

    /** Braid weaker than this digs in on a baitcaster. Source: handbook, chapter 1, "Line digs in". */
    private const DIGS_IN_LB = 30.0;
    private const DIGS_IN = 'Braid under 30 lb (14 kg) digs into itself on a baitcaster. Wind it firmly, or choose stronger braid.';

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
        $drag = Target::of([Link::of('main line', $holds, Link::USUAL_KNOT, Link::USUAL_CONDITION)], $fraction)->force;
        if ($reelMax !== null) {
            $findings[] = self::reelDrag($holds, $drag, $reelMax);
        }
        if ($rodMax !== null) {
            $findings[] = $rodMax->inNewtons() < $drag->inNewtons()
                ? new Finding(
                    Against::RodDrag,
                    Verdict::Note,
                    Sentence::of('The rod takes {0} of drag at most, less than this line could. Undro keeps the drag target under that.', $rodMax),
                )
                : new Finding(Against::RodDrag, Verdict::Fits, Sentence::of('The rod takes {0} of drag, enough for this line.', $rodMax));
        }

        return new self($findings);
    }

    /** The gravest of the verdicts on reel and rod: heavy, light, fits, unknown. A note on everyday tackle weighs nothing. */
    public function verdict(): Verdict
    {
        $found = array_map(static fn(Finding $finding): Verdict => $finding->verdict, $this->findings);
        if (in_array(Verdict::Note, $found, true)) {
            $found[] = Verdict::Fits;
        }
        foreach ([Verdict::Heavy, Verdict::Light, Verdict::Fits] as $verdict) {
            if (in_array($verdict, $found, true)) {
                return $verdict;
            }
        }

        return Verdict::Unknown;
    }

    private static function onReel(ReelKind $kind, Line $line, Force $strength, ?LineRange $range, bool $stamped): Finding
    {
        $digsIn = $kind === ReelKind::Baitcasting && $line->material === Material::Braid
            && $strength->in(ForceUnit::Pound) < self::DIGS_IN_LB * (1 - self::ROUNDING);
        if ($range === null) {
            return $digsIn
                ? new Finding(Against::Reel, Verdict::Note, Sentence::of('The reel has no printed rating for braid. ' . self::DIGS_IN))
                : new Finding(Against::Reel, Verdict::Unknown, Sentence::of($line->material === Material::Braid
                    ? 'The reel has no printed rating for braid. Check that drag and rod are strong enough.'
                    : 'The reel has no printed rating for this kind of line.'));
        }
        $verdict = self::within($line, $strength, $range, $range->inStrength);
        [$low, $high] = $range->inStrength ? [$range->weakest, $range->strongest] : [$range->thinnest, $range->thickest];
        $is = $range->inStrength ? $strength : $line->diameter;
        $from = $stamped ? 'The spool is rated for lines' : 'The reel is rated for lines';
        $follows = match ($verdict) {
            Verdict::Light => match ($kind) {
                ReelKind::Spinning => '; {2} is thinner. It works, but needs a lot of backing, and can slip behind a loosely fitting spool.',
                ReelKind::Baitcasting => '; {2} is lighter. It digs into itself, and the spool overruns with light lures.',
                ReelKind::Spincast => '; {2} is thinner. It can slip past the pin and behind the spool.',
            },
            Verdict::Heavy => match ($kind) {
                ReelKind::Spinning => '; {2} is heavier. Stiff coils cast short and jump off, and little of it fits.',
                ReelKind::Baitcasting => '; {2} is heavier. It packs badly through the level-wind, and little of it fits.',
                ReelKind::Spincast => '; {2} is heavier. It jams under the nose cone and wears the pin.',
            },
            default => ': {2} fits.' . ($digsIn ? ' ' . self::DIGS_IN : ''),
        };

        return new Finding(Against::Reel, $digsIn && $verdict === Verdict::Fits ? Verdict::Note : $verdict, self::compared($from, $follows, $low, $high, $is));
    }

    private static function onRod(Line $line, Force $strength, ?LineRange $range): Finding
    {
        if ($range === null) {
            return new Finding(
                Against::Rod,
                Verdict::Unknown,
                Sentence::of('No rod is chosen, or it has no printed rating. Keep the drag within what the rod can take.'),
            );
        }
        $verdict = self::within($line, $strength, $range, true);
        if ($verdict === Verdict::Heavy && $line->material === Material::Braid
            && $strength->inNewtons() <= self::EVERYDAY_BRAID * $range->strongest->inNewtons()) {
            $verdict = Verdict::Note;
        }
        $nylonForBraid = $line->material === Material::Braid && $range->material !== Material::Braid
            ? ' The rating is for mono, but the strength is what breaks a rod.'
            : '';
        $follows = match ($verdict) {
            Verdict::Light => '; {2} is lighter. The line can break before the rod bends. Cast gently, and set the drag to suit the line.',
            Verdict::Note => '; {2} is stronger, as is usual with braid. ' . self::ROD_FIRST,
            Verdict::Heavy => '; {2} is heavier. ' . self::ROD_FIRST,
            default => ': {2} fits.',
        };
        if ($verdict !== Verdict::Light && $verdict !== Verdict::Heavy) {
            $nylonForBraid = '';
        }

        return new Finding(
            Against::Rod,
            $verdict,
            self::compared('The rod is rated for lines', $follows . $nylonForBraid, $range->weakest, $range->strongest, $strength),
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
                Verdict::Note,
                Sentence::of('The reel’s drag reaches {0}, so it can’t use all the strength of this line.', $max),
            ),
            $max->inNewtons() >= $strength->inNewtons() => new Finding(
                Against::ReelDrag,
                Verdict::Fits,
                Sentence::of('Fully tight, the drag reaches {0}, more than the line holds. That is normal. Set it with a scale.', $max),
            ),
            default => new Finding(Against::ReelDrag, Verdict::Fits, Sentence::of('The reel’s drag reaches {0}, enough for this line.', $max)),
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
