<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\Fill\Fill;
use Undro\Fill\Level;
use Undro\Units\Length;
use Undro\Units\Price;
use Undro\Units\Sentence;

/** One way to fill the spool, worked out so that it can stand beside the others. */
final readonly class Way
{
    /**
     * @param Fill|null      $fill    null where it does not work here
     * @param Level|null     $level   where the line ends up
     * @param int            $passes  how often the line goes over the bench
     * @param Length|null    $wound   all the metres wound, every pass counted
     * @param float|null     $turns   handle turns of the reel itself; null without the spool's shape or a gear ratio
     * @param float|null     $minutes of winding at the angler's pace
     * @param Price|null     $cost    of the line; null where a price is missing
     * @param int            $knots   joins buried on the spool
     * @param Build|null     $build   what was built onto the arbor
     * @param list<Sentence> $steps   what is done that is not done in the others
     * @param list<Sentence> $risks   what can go wrong
     */
    public function __construct(
        public WayId $id,
        public ?Fill $fill,
        public ?Level $level,
        public int $passes,
        public ?Length $wound,
        public ?float $turns,
        public ?float $minutes,
        public ?Price $cost,
        public int $knots,
        public ?Build $build,
        public array $steps,
        public array $risks,
    ) {}

    /** A way this spool and line do not allow. @param string $why in words */
    public static function impossible(WayId $id, Sentence $why): self
    {
        return new self($id, null, null, 0, null, null, null, null, 0, null, [], [$why]);
    }
}
