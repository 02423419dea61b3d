<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\FillJson;
use Undro\Json\PictureJson;
use Undro\Json\SpoolInput;
use Undro\Spool\ReelKind;
use Undro\Spool\Tolerance;

/** "picture": a spool and what lies on it, at the rated gap of its kind of reel; no layers draw the empty spool. */
final class PictureCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "picture".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $spoolIn = $in->object('spool');
        $reel = $in->choice('reel', ReelKind::class, ReelKind::Spinning);
        $measures = SpoolInput::measures($spoolIn, Tolerance::GEOMETRY);
        $spool = SpoolInput::assembled($spoolIn, $measures, $reel);
        $layers = array_map(FillJson::layer(...), $in->objects('layers', 0, 200));

        return PictureJson::write($spool, $layers, $in->optionalNumber('gear_ratio', ...Bounds::GEAR_RATIO));
    }
}
