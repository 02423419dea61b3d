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
            $finish === null || $higher === null => Sentence::of('{0} past the stop. Wind them back onto the filler by hand.', $by),
            $higher <= self::LEAVE_MM => Sentence::of(
                '{0} past the stop: the finished line stands {1} higher, within what a reading can tell. Leave it.',
                $by,
                Length::millimetres(max(0.0, $higher)),
            ),
            $last && $finish->inMillimetres() < self::BRIM_MM => Sentence::of(
                '{0} past the stop, {1} under the lip: coils will jump off. Wind them back onto the filler.',
                $by,
                Length::millimetres($finish->inMillimetres()),
            ),
            $last => Sentence::of(
                '{0} past the stop: the line stands {1} higher than you wanted. Wind them back onto the filler, or leave it and cut the '
                    . 'worn end sooner.',
                $by,
                Length::millimetres($higher),
            ),
            default => Sentence::of(
                '{0} past the stop: with all of the main line it would end {1} under the lip. Wind them back onto the filler, or wind '
                    . 'less of the main line.',
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
            Stop::AtMark => Sentence::of('At the mark. {0} are written down.', $at->wound[$at->layer]),
            Stop::Early => $last
                ? ($finish === null ? Sentence::of('Stopped {0} before the mark.', $short) : Sentence::of(
                    'Stopped {0} before the mark, {1} under the lip. Go on, or leave it: it casts a little shorter.',
                    $short,
                    $level,
                ))
                : ($finish === null ? Sentence::of('Stopped {0} before the mark. Go on, or join here.', $short) : Sentence::of(
                    'Stopped {0} before the mark: with the main line as planned it would end {1} under the lip. Go on, or join here.',
                    $short,
                    $level,
                )),
            Stop::FillerOut => match (true) {
                $role === Role::Backing => $finish === null
                    ? Sentence::of(
                        'The filler ran out {0} before the mark. Join more of the same line and go on, or join the main line here.',
                        $short,
                    )
                    : Sentence::of(
                        'The filler ran out {0} before the mark. Join more of the same line and go on, or join the main line here: it '
                            . 'would then end {1} under the lip.',
                        $short,
                        $level,
                    ),
                $finish === null => Sentence::of('The line ended {0} before the mark.', $short),
                default => Sentence::of(
                    'The line ended {0} before the mark, {1} under the lip. Fish it like that, or pull it off, add as much backing, and '
                        . 'wind it back.',
                    $short,
                    $level,
                ),
            },
            Stop::Snapped => self::few($at) ? Sentence::of(
                'Line snapped with {0} on. Find out why first: a nick in a guide, a knot, a buried coil. With so little on, take it off '
                    . 'again, throw it away, and ' . ($tied ? 'tie the line on anew' : 'make the join anew')
                    . ': a second knot so near the first makes a hump.',
                $at->wound[$at->layer],
            ) : Sentence::of(
                'Line snapped with {0} on. Find out why first: a nick in a guide, a knot, a buried coil. Cut back to sound line, join it '
                    . 'again with a line-to-line knot, go on at the same figure; near the end of the main line, wind a fresh piece '
                    . 'instead.',
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
                'Where it stopped it stood {0} under the lip: the depth mark would have agreed.',
                $stood,
            ),
            $lower > 0 => Sentence::of(
                'Where it stopped it stood {0} under the lip; the depth mark, {1}, would have asked for more.',
                $stood,
                $mark,
            ),
            default => Sentence::of(
                'Where it stopped it stood {0} under the lip; the depth mark, {1}, would have stopped it sooner.',
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
            !self::off($depth, $wanted) => Sentence::of('{0} under the lip, as planned.', $depth),
            $depth->inMillimetres() < self::BRIM_MM => Sentence::of(
                '{0} under the lip: coils will jump off. Cut back until there is room.',
                $depth,
            ),
            $higher > 0 => Sentence::of(
                '{0} under the lip, {1} fuller than planned. It casts well and wants a firm hand; loose coils are the risk.',
                $depth,
                $off,
            ),
            default => Sentence::of(
                '{0} under the lip, {1} lower than planned. It casts a little shorter; more backing would bring it up.',
                $depth,
                $off,
            ),
        };
    }
}
