<?php

declare(strict_types=1);

namespace Undro\Day;

use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Under;
use Undro\Units\Length;

/** A main line that comes off one of the day's spools. */
final readonly class OldMain
{
    /**
     * @param int  $spool it comes off
     * @param int  $line  product
     * @param bool $sound worn at most, neither rough nor nicked
     * @param bool $taken another spool of the day takes it
     */
    public function __construct(
        public int $spool,
        public int $line,
        public Line $of,
        public Length $length,
        public bool $sound,
        public bool $taken,
    ) {}

    /** Whether it would do under a main line, in place of so much of a backing: thinner line has to be longer. */
    public function under(Line $main, Line $backing, Length $length): bool
    {
        $per = static fn(Line $line): float => $line->cell(Lay::Normal)->inSquareMillimetres();

        return $this->sound && !$this->taken && !Under::of($this->of, $main)->tooThick()
            && $this->length->inMetres() >= $length->inMetres() * $per($backing) / $per($this->of);
    }
}
