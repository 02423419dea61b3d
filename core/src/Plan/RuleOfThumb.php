<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Fill\Fill;
use Undro\Fill\Role;
use Undro\Spool\Source;
use Undro\Units\Length;
use Undro\Units\RoundedLength;
use Undro\Units\Sentence;
use Undro\Way\Ways;

/**
 * What to go by where only the capacity printed on the spool is known and the figure from it is very uncertain. Source: handbook, chapter 2, "Only the
 * rating, and a very uncertain figure".
 */
final readonly class RuleOfThumb
{
    /** A 90 % interval wider than this share of the figure is very uncertain. */
    private const WIDE = 0.6;

    private function __construct(public Length $about, public Sentence $says) {}

    /** @param Length|null $most the main line that fills the spool by itself */
    public static function of(Fill $fill, ?Length $mainLength, ?Length $most): ?self
    {
        $band = $fill->solved?->band;
        if ($band === null || $most === null || !$fill->fits() || $fill->spool->source !== Source::Rated) {
            return null;
        }
        $middle = $band->middle;
        if ($band->high()->inMetres() - $band->low()->inMetres() <= self::WIDE * $middle->inMetres()) {
            return null;
        }
        $backing = $fill->layers[$fill->solved->index]->layer->role === Role::Backing;
        // hardly any backing: the notes say what to do
        if ($backing && ($mainLength === null || $middle->inMetres() < Ways::GRIP_M)) {
            return null;
        }

        return new self($middle, match (true) {
            $backing => Sentence::of(
                'The spool holds about {0} of this main line, and you want {1}. Put about {2} of the backing under it, then stop by eye at '
                    . 'the full level.',
                RoundedLength::of($most),
                $mainLength,
                RoundedLength::of($middle),
            ),
            count($fill->layers) > 1 => Sentence::of(
                'Over this backing there is room for about {0} of main line. Stop by eye at the full level.',
                RoundedLength::of($middle),
            ),
            default => Sentence::of('The spool holds about {0} of this line. Stop by eye at the full level.', RoundedLength::of($middle)),
        });
    }
}
