<?php

declare(strict_types=1);

namespace Undro\Trouble;

use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Twist\Feed;
use Undro\Twist\Slack;
use Undro\Units\Length;
use Undro\Upkeep\Finding;

/** What is known of a spool in its reel when something goes wrong; null: not known. */
final readonly class Known
{
    /**
     * @param Length|null  $level    under the lip now
     * @param Length|null  $wanted   under the lip where it is full
     * @param bool|null    $isLow    the upkeep calls it low
     * @param bool|null    $matched  filler and rotor turned the same way at the last fill
     * @param Feed|null    $feed     how line left the filler then
     * @param Slack|null   $slack    how the last slack test hung
     * @param bool|null    $sticky   the drag, by its kept pulls
     * @param float|null   $worn     share of the line's life that is over
     * @param Finding|null $found    by the last look, where it counts
     * @param bool|null    $atBench  it is being wound: nothing has been cast since
     * @param bool|null    $rises    the drag comes to half of the weakest link before the arbor
     */
    public function __construct(
        public ?ReelKind $reel = null,
        public ?Line $main = null,
        public ?Line $backing = null,
        public ?Length $backingLength = null,
        public bool $grips = false,
        public ?Lay $lay = null,
        public ?Length $level = null,
        public ?Length $wanted = null,
        public ?bool $matched = null,
        public ?Feed $feed = null,
        public ?Slack $slack = null,
        public ?bool $sticky = null,
        public ?float $worn = null,
        public ?Finding $found = null,
        public ?bool $rises = null,
        public ?bool $isLow = null,
        public ?bool $atBench = null,
    ) {}

    /** How much lower than full the line lies, mm; below 0: it stands higher. */
    public function low(): ?float
    {
        return $this->level === null || $this->wanted === null ? null : $this->level->inMillimetres() - $this->wanted->inMillimetres();
    }

    /** The main line is this; null: not known. */
    public function isBraid(): ?bool
    {
        return $this->main === null ? null : $this->main->material === Material::Braid;
    }
}
