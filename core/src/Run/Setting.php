<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Habit\Habits;
use Undro\Spool\ReelKind;
use Undro\Twist\Feed;
use Undro\Twist\FillerSpool;
use Undro\Twist\Hold;
use Undro\Units\Diameter;
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
     * @param bool        $mainParked the main line lies on this spool now and waits on a spare spool while backing goes under it
     * @param array<string, Diameter> $fillers across the line on each layer's filler, by role, where it is known
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
        public array $fillers = [],
        public bool $mainParked = false,
    ) {}

    /** Across the line on a layer's filler; nobody has measured it: as fillers usually are. */
    public function filler(int $layer): Diameter
    {
        return $this->fillers[$this->layers[$layer]->role->value] ?? Diameter::millimetres(FillerSpool::FULL_MM);
    }

    /** Whether a layer has been on a reel before: off another one, or off this one by way of a spare spool. */
    public function usedBefore(int $layer): bool
    {
        return ($this->mainOffReel || $this->mainParked) && ($this->layers[$layer] ?? null)?->role === Role::Main;
    }

    /** How the filler is held, by habit. */
    public function hold(): Hold
    {
        return $this->habits->hold($this->reel);
    }

    /** How line leaves a filler that is held so. */
    public function feed(): Feed
    {
        return $this->hold()->feed();
    }
}
