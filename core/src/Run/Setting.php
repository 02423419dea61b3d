<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Habit\Habits;
use Undro\Habit\Question;
use Undro\Spool\ReelKind;
use Undro\Twist\Feed;
use Undro\Units\Length;
use Undro\Way\Kept;

/** What a run has before it: the reel, the lines, the habits, and what lies on the spool. */
final readonly class Setting
{
    /**
     * @param list<Layer> $layers  as planned, from the arbor out
     * @param Length      $oldLine on the spool before the run, to come off
     * @param Kept|null   $kept    backing that stays on it
     * @param bool        $mainOffReel the main line comes off another reel
     * @param bool        $vee     the arbor is thinnest in the middle or at one end
     * @param bool        $leader  a leader goes on afterwards
     * @param bool        $tape    tape is wound on the arbor first
     */
    public function __construct(
        public ReelKind $reel,
        public array $layers,
        public Habits $habits,
        public Length $oldLine,
        public bool $vee = false,
        public bool $grips = false,
        public bool $leader = false,
        public bool $tape = false,
        public ?Kept $kept = null,
        public bool $mainOffReel = false,
    ) {}

    /** Whether a layer comes off another reel. */
    public function offReel(int $layer): bool
    {
        return $this->mainOffReel && ($this->layers[$layer] ?? null)?->role === Role::Main;
    }

    /** How line leaves the filler, by habit; a baitcaster takes an axle whatever the habit. */
    public function feed(): Feed
    {
        return $this->reel->hasFixedSpool() && $this->habits->school(Question::FillerHold) !== 'axle' ? Feed::OverEnd : Feed::Rotating;
    }
}
