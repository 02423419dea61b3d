<?php

declare(strict_types=1);

namespace Undro\Strike;

use Undro\Line\Material;
use Undro\Units\Force;
use Undro\Units\Length;

/**
 * One line under one sweep of the rod: over distance, the turns that reach a force, and where a locked drag lets it break.
 * Everything follows from `F = EA (S + w - B) / (x + B - w)`; handbook, chapter 5, strike.
 */
final readonly class Sweep
{
    private const LONGEST_TURNS = 200.0;

    private function __construct(
        private Material $material,
        private Force $rated,
        private Force $working,
        private ?Force $drag,
        private Length $sweep,
        private Length $slack,
        private Length $perTurn,
        private float $turns,
        public Force $stiffness,
    ) {}

    /** @throws BadStrike if there is no strength */
    public static function of(
        Material $material,
        Force $rated,
        ?Force $working,
        ?Force $drag,
        Length $sweep,
        Length $slack,
        Length $perTurn,
        float $turns,
    ): self {
        $rated->inNewtons() > 0 || throw BadStrike::noStrength('rated_N');

        return new self(
            $material,
            $rated,
            $working ?? $rated,
            $drag,
            $sweep,
            $slack,
            $perTurn,
            $turns,
            $material->stiffness($rated),
        );
    }

    /** @throws BadStrike if winding down takes in more than is out */
    public function at(Length $distance, bool $locked = false): Strike
    {
        return Strike::of(
            $this->material,
            $this->rated,
            $this->working,
            $locked ? null : $this->drag,
            $this->sweep,
            $this->slack,
            Length::metres($this->woundDown()),
            $distance,
        );
    }

    /** Nearer than this a locked drag lets the line break; null: it never does. The turns of winding down are in it. */
    public function breaksInside(): ?Length
    {
        $stretch = $this->sweep->inMetres() + $this->woundDown() - $this->slack->inMetres();
        $inside = $this->stiffness->inNewtons() * $stretch / $this->working->inNewtons() + $this->woundDown() - $this->slack->inMetres();

        return $stretch > 0 && $inside > 0 ? Length::metres($inside) : null;
    }

    /**
     * The turns of winding down before the sweep that bring this force to the hook; null: the drag or the line gives first, or no turns
     * will.
     */
    public function turnsFor(Force $wanted, Length $distance): ?float
    {
        $newtons = $wanted->inNewtons();
        $gives = min($this->drag?->inNewtons() ?? INF, $this->working->inNewtons());
        $per = $this->perTurn->inMetres();
        $slack = $this->slack->inMetres();
        $stiffness = $this->stiffness->inNewtons();
        $take = ($newtons * ($distance->inMetres() + $slack) - $stiffness * ($this->sweep->inMetres() - $slack)) / ($stiffness + $newtons);

        return match (true) {
            $newtons > $gives + 1e-9 => null,
            $take <= 0 => 0.0,
            $per <= 0 || $take / $per > self::LONGEST_TURNS => null,
            default => $take / $per,
        };
    }

    private function woundDown(): float
    {
        return $this->turns * $this->perTurn->inMetres();
    }
}
