<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Fill\Fill;
use Undro\Fill\Role;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** What to do about a stop: one that was passed, one that came early, a filler that ran out, a line that snapped. */
final class Ending
{
    /** A finished line this much higher than wanted is within a reading's error: leave it, mm. */
    private const LEAVE_MM = 0.3;
    /** From this little room under the lip coils jump off, mm. */
    private const BRIM_MM = 0.5;
    /** A layer that snapped with fewer metres on is begun anew rather than joined so near its knot. Ours, m. */
    private const FEW_M = 10.0;

    /** What a stop that was passed means, before anything is tied; null: it was not. */
    public static function passed(Progress $at, Fill $plan): ?Sentence
    {
        $by = $at->passed();
        if ($by === null) {
            return null;
        }
        $finish = $at->finishIfStopped;
        $higher = $finish === null ? null : $plan->gap->inMillimetres() - $finish->inMillimetres();
        $last = $at->layer === count($at->wound) - 1;

        return match (true) {
            $finish === null || $higher === null => Sentence::of('{0} past the mark. Wind that back onto the filler spool by hand.', $by),
            $higher <= self::LEAVE_MM => Sentence::of(
                '{0} past the mark. The finished line is {1} higher, too little to measure. Leave it.',
                $by,
                Length::millimetres(max(0.0, $higher)),
            ),
            $last && $finish->inMillimetres() < self::BRIM_MM => Sentence::of(
                '{0} past the mark, {1} below the lip. Coils will jump off. Wind that back onto the filler spool.',
                $by,
                Length::millimetres($finish->inMillimetres()),
            ),
            $last => Sentence::of(
                '{0} past the mark. The line is {1} higher than planned. Wind that back onto the filler spool, or leave it and cut the '
                    . 'worn end sooner.',
                $by,
                Length::millimetres($higher),
            ),
            default => Sentence::of(
                '{0} past the mark. With all the main line it would end {1} below the lip. Wind that back onto the filler spool, or wind '
                    . 'less main line.',
                $by,
                $finish,
            ),
        };
    }

    /**
     * What to do next about a layer that stopped for a reason other than the mark.
     *
     * @param bool $tied it begins at the arbor; else it is joined to what lies under it
     */
    public static function next(Stop $stop, Progress $at, Role $role, bool $tied): Sentence
    {
        $short = Length::metres(max(0.0, $at->left->inMetres()));
        $finish = $at->finishIfStopped;
        $level = $finish ?? Length::millimetres(0);
        $last = $at->layer === count($at->wound) - 1;

        return match ($stop) {
            Stop::AtMark => Sentence::of('You reached the mark. {0} saved.', $at->wound[$at->layer]),
            Stop::Early => $last
                ? ($finish === null ? Sentence::of('Stopped {0} before the mark.', $short) : Sentence::of(
                    'Stopped {0} before the mark, {1} below the lip. Continue, or leave it: it casts a little shorter.',
                    $short,
                    $level,
                ))
                : ($finish === null ? Sentence::of('Stopped {0} before the mark. Continue, or tie the next line on here.', $short) : Sentence::of(
                    'Stopped {0} before the mark. With the main line as planned, it would end {1} below the lip. Continue, or tie the '
                        . 'main line on here.',
                    $short,
                    $level,
                )),
            Stop::FillerOut => match (true) {
                $role === Role::Backing => $finish === null
                    ? Sentence::of(
                        'The filler spool ran out {0} before the mark. Tie on more of the same line and continue, or tie the main line on here.',
                        $short,
                    )
                    : Sentence::of(
                        'The filler spool ran out {0} before the mark. Tie on more of the same line and continue. Or tie the main line on '
                            . 'here: it would end {1} below the lip.',
                        $short,
                        $level,
                    ),
                $finish === null => Sentence::of('The line ended {0} before the mark.', $short),
                default => Sentence::of(
                    'The line ended {0} before the mark, {1} below the lip. Fish it like that, or strip it, add as much backing, and wind '
                        . 'it back.',
                    $short,
                    $level,
                ),
            },
            Stop::Snapped => self::few($at) ? Sentence::of(
                'The line snapped with {0} wound. First find out why: a nick in a guide, a knot or a buried coil. With so little wound, '
                    . 'strip it, throw it away, and ' . ($tied ? 'tie the line on again' : 'tie the joining knot again')
                    . '. A second knot so close to the first makes a hump.',
                $at->wound[$at->layer],
            ) : Sentence::of(
                'The line snapped with {0} wound. First find out why: a nick in a guide, a knot or a buried coil. Cut back to sound line. '
                    . 'Tie it together again only if the knot stays out of your longest cast. If not, strip it and wind a fresh piece.',
                $at->wound[$at->layer],
            ),
        };
    }

    /** So little is on of the layer that it is taken off again rather than joined. */
    public static function few(Progress $at): bool
    {
        return $at->wound[$at->layer]->inMetres() < self::FEW_M;
    }

    /** What a depth mark would have said of a buried layer where it was stopped. */
    public static function besideMark(Length $stood, Length $mark): Sentence
    {
        $lower = $stood->inMillimetres() - $mark->inMillimetres();

        return match (true) {
            !self::off($stood, $mark) => Sentence::of(
                'You stopped {0} below the lip, where the level mark is.',
                $stood,
            ),
            $lower > 0 => Sentence::of(
                'You stopped {0} below the lip. The level mark was {1}, so more was needed.',
                $stood,
                $mark,
            ),
            default => Sentence::of(
                'You stopped {0} below the lip. The level mark was {1}, so you went past it.',
                $stood,
                $mark,
            ),
        };
    }

    /** Whether a level is further off than a reading can tell. */
    public static function off(Length $depth, Length $wanted): bool
    {
        return abs($wanted->inMillimetres() - $depth->inMillimetres()) > self::LEAVE_MM;
    }

    /** What the level of the finished fill says, beside the one that was wanted. */
    public static function level(Length $depth, Length $wanted): Sentence
    {
        $higher = $wanted->inMillimetres() - $depth->inMillimetres();
        $off = Length::millimetres(abs($higher));

        return match (true) {
            !self::off($depth, $wanted) => Sentence::of('{0} below the lip, as planned.', $depth),
            $depth->inMillimetres() < self::BRIM_MM => Sentence::of(
                '{0} below the lip. Coils will jump off. Cut back until there is room.',
                $depth,
            ),
            $higher > 0 => Sentence::of(
                '{0} below the lip, {1} fuller than planned. It casts well, but keep the line tight: loose coils are the risk.',
                $depth,
                $off,
            ),
            default => Sentence::of(
                '{0} below the lip, {1} lower than planned. It casts a little shorter. More backing would raise it.',
                $depth,
                $off,
            ),
        };
    }
}
