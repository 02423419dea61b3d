<?php

declare(strict_types=1);

namespace Undro\Photo;

use Undro\DomainFault;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** A photograph that nothing can be measured from. */
final class BadPhoto extends DomainFault
{
    /** Names “reference.points”. */
    public static function points(ReferenceKind $kind): self
    {
        return self::reference($kind === ReferenceKind::Card ? 'Mark the four corners of the card.' : 'Mark both ends.');
    }

    /** Names “reference.points”. */
    public static function tooSmall(ReferenceKind $kind): self
    {
        $what = $kind === ReferenceKind::Card ? 'The card' : 'The length you marked';

        return self::reference("$what is too small in the picture. Go closer, until it fills at least a tenth of the width.");
    }

    /** Names “reference.points”. */
    public static function crossed(): self
    {
        return self::reference('The corners cross or lie on one line. Mark them in order round the card.');
    }

    /** Names “reference.points”. */
    public static function shortSideFirst(): self
    {
        return self::reference('Mark the corners so that the first two are the ends of a long side.');
    }

    /** Names “reference.points”. */
    public static function tilted(float $degrees): self
    {
        return self::reference(sprintf('The picture was taken at %.0f degrees to the card. Hold the camera more squarely, within 40 degrees.', $degrees));
    }

    /** Names “marks.arbor”. */
    public static function arborOverLip(Length $arbor, Length $lip): self
    {
        return new self('marks.arbor', Sentence::of('Arbor ({0}) must be smaller than the lip ({1}). Check which is which.', $arbor, $lip));
    }

    /** Names “marks.line”. */
    public static function lineOutside(Length $line, Length $lip): self
    {
        return new self('marks.line', Sentence::of('The line ({0} across) is not between arbor and lip ({1}). Mark its edges again.', $line, $lip));
    }

    /** Names the mark. */
    public static function onlyTheLip(Mark $mark): self
    {
        return new self("marks.$mark->value", 'With the card against the flange, only the lip can be measured. Leave this out.');
    }

    /** Names the mark. */
    public static function unseen(Mark $mark): self
    {
        return new self("marks.$mark->value", 'These two points give no length. Mark opposite edges again.');
    }

    private static function reference(string $words): self
    {
        return new self('reference.points', $words);
    }
}
