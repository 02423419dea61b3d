<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;

/** One link of the chain from reel to hook. */
final readonly class Link
{
    /** What knots are taken to keep of a line's strength, and what a season leaves of it, where neither is known (handbook, chapter 1). */
    public const USUAL_KNOT = 0.75;
    public const USUAL_CONDITION = 0.9;

    /** What is taken to hold of a main line's label where neither knot nor condition is known. */
    public const USUAL_HOLDS = self::USUAL_KNOT * self::USUAL_CONDITION;

    private function __construct(
        public string $name,
        public Force $rated,
        public float $efficiency,
        public float $condition,
        public float $efficiencyHigh,
        public ?LinkKind $kind,
    ) {}

    /**
     * @param float      $efficiency     share of the strength the knot keeps, above 0 to 1; of a range its low end
     * @param float      $condition      1 new, 0.9 after a season, 0.8 nicked or sun-worn
     * @param float|null $efficiencyHigh the high end of the range; null: there is none
     *
     * @throws BadDrag if the rated strength is not above 0, or the range the wrong way round
     */
    public static function of(
        string $name,
        Force $rated,
        float $efficiency = 1.0,
        float $condition = 1.0,
        ?float $efficiencyHigh = null,
        ?LinkKind $kind = null,
    ): self {
        $rated->inNewtons() > 0 || throw BadDrag::noStrength($name);
        $high = $efficiencyHigh ?? $efficiency;
        $high >= $efficiency || throw BadDrag::rangeBackwards($name, $efficiency, $high);

        return new self($name, $rated, $efficiency, $condition, $high, $kind);
    }

    /** Rated x knot efficiency x condition (handbook, chapter 5). */
    public function working(): Force
    {
        return Force::newtons($this->rated->inNewtons() * $this->efficiency * $this->condition);
    }

    /** The same at the good end of the knot's range. */
    public function atBest(): Force
    {
        return Force::newtons($this->rated->inNewtons() * $this->efficiencyHigh * $this->condition);
    }

    /** Rated so many times as strong. */
    public function stronger(float $times): self
    {
        return new self(
            $this->name,
            Force::newtons($times * $this->rated->inNewtons()),
            $this->efficiency,
            $this->condition,
            $this->efficiencyHigh,
            $this->kind,
        );
    }

    /** With a knot that keeps all of the line. */
    public function keepingAll(): self
    {
        return new self($this->name, $this->rated, 1.0, $this->condition, 1.0, $this->kind);
    }

    /** By working strength, with its knot and its condition. */
    public function holdsLessThan(self $other): bool
    {
        return $this->working()->inNewtons() < $other->working()->inNewtons();
    }
}
