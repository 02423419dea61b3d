<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Match\LineRange;
use Undro\Spool\ReelKind;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Mass;

/** How one fishes, where, and with what: all that a line is chosen by. */
final readonly class Asked
{
    /**
     * @param Mass           $fish     the heaviest one hoped for
     * @param Mass|null      $lure     lure or lead
     * @param Length|null    $cast     the longest cast
     * @param Length|null    $room     how far a fish can be let run; null: by the snags
     * @param bool           $toothy   teeth, spines or gill covers that cut
     * @param bool           $clear    clear water or shy fish: the finer half of what is usual
     * @param LineRange|null $rod      the lines the rod is made for
     * @param Length|null    $rodLong  its length
     * @param Force|null     $rodMax   the drag it takes
     * @param float|null     $fraction the angler's own drag fraction; null: by the fishing
     * @param ReelKind|null  $reel     null: not known
     *
     * @throws BadChoice if the fish weighs nothing
     */
    public function __construct(
        public Fishing $fishing,
        public Mass $fish,
        public Snags $snags = Snags::None,
        public Current $current = Current::None,
        public ?Mass $lure = null,
        public ?Length $cast = null,
        public ?Length $room = null,
        public bool $toothy = false,
        public bool $clear = false,
        public ?Force $reelMax = null,
        public ?LineRange $rod = null,
        public ?Length $rodLong = null,
        public ?Force $rodMax = null,
        public ?float $fraction = null,
        public RodHold $hold = RodHold::InHand,
        public ?ReelKind $reel = null,
    ) {
        $fish->inGrams() > 0 || throw BadChoice::noFish();
    }

    /** The share of the weakest link that the drag is set to: among many snags at least as in heavy cover. */
    public function fraction(): float
    {
        $usual = $this->fraction ?? $this->fishing->dragFraction();

        return $this->snags === Snags::Many ? max($usual, Fishing::HeavyCover->dragFraction()) : $usual;
    }

    /** The line to have on the reel: twice the longest cast and a run, and as far as the fish is to be given room. */
    public function length(): Length
    {
        $reach = $this->fishing->reach();
        $cast = $this->cast?->inMetres() ?? 0.0;

        return Length::metres(max(
            $reach['usual'],
            2 * $cast + $reach['run'],
            $this->room === null ? 0.0 : $this->room->inMetres() + $cast + Room::SPARE_M,
        ));
    }
}
