<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Fill\Layer;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Line\Under;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Strip\Outcome;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Price;

/** All that is known of the line on a spool when it is asked what it needs. */
final readonly class Facts
{
    private const USUAL_BACKING_MM = 0.30;

    /**
     * @param list<Layer>           $layers    on the spool, from the arbor out, all of known length; the last is the main line
     * @param list<Layer>           $then      as it was filled; empty: not known
     * @param Length                $wanted    the gap at which it counts as full
     * @param Price|null            $mainPrice of a metre of the main line
     * @param Price|null            $backingPrice of a metre of what lies under it
     * @param list<Inspection>      $found     on the main line, where it lies now, the worst first
     * @param string|null           $lostOn    ISO, when its end was lost and nobody has cut it back or looked at it since
     * @param string|null           $turned    ISO, when it was turned over
     * @param Line|null             $spare     what would go under a main line that has no backing; null: the usual mono
     */
    public function __construct(
        public ReelKind $reel,
        public Spool $spool,
        public array $layers,
        public array $then,
        public Wear $wear,
        public Length $wanted,
        public ?float $gearRatio,
        public ?Price $mainPrice,
        public ?Price $backingPrice,
        public array $found,
        public ?string $lostOn,
        public ?string $turned,
        private ?Line $spare = null,
    ) {}

    public function main(): Layer
    {
        return $this->layers[count($this->layers) - 1] ?? throw new \LogicException('There is no line on the spool.');
    }

    /** Of the main line. */
    public function length(): Length
    {
        return $this->main()->length ?? Length::metres(0);
    }

    /** @return list<Length> of what lies under it, from the arbor out */
    public function backing(): array
    {
        return array_map(static fn(Layer $layer): Length => $layer->length ?? Length::metres(0), array_slice($this->layers, 0, -1));
    }

    /** The line to add as backing: more of the backing that is on, or spare line; else mono of 0.30 mm (chapter 2), thinner where the main line asks for it. */
    public function backingLine(): Line
    {
        return count($this->layers) > 1
            ? $this->layers[count($this->layers) - 2]->line
            : $this->spare ?? Line::of(Material::Mono, $this->usualBacking());
    }

    private function usualBacking(): Diameter
    {
        $most = Under::thickest($this->main()->line)->inMillimetres();

        // as sizes are sold, to a hundredth
        return Diameter::millimetres(min(self::USUAL_BACKING_MM, floor(100 * $most + 1e-9) / 100));
    }

    /** As long as the main line was when it was wound. */
    public function asFilled(): Length
    {
        $then = $this->then === [] ? 0.0 : $this->then[count($this->then) - 1]->length?->inMetres() ?? 0.0;

        return Length::metres(max($this->length()->inMetres(), $then));
    }

    /** It does not reach the longest cast that was noted, and a reserve. */
    public function short(): bool
    {
        return $this->wear->castKnown && $this->length()->inMetres() < $this->wear->reach->inMetres();
    }

    /** What of the outer end is best cut off: past what was found on it, else what is usually worn. */
    public function worn(): Length
    {
        $to = 0.0;
        foreach ($this->found as $each) {
            $to = max($to, $each->found->on($this->main()->line->material) < 1 ? $each->to?->inMetres() ?? 0.0 : 0.0);
        }

        return $to > 0
            ? Length::metres(min($this->length()->inMetres(), $to + Remedies::PAST_M))
            : Outcome::usuallyWorn($this->main()->line->material, $this->length());
    }

    /** What was found all along, so that cutting back does not help: rough or nicked; null: nothing. */
    public function allAlong(): ?Inspection
    {
        foreach ($this->found as $each) {
            if ($each->from === null && !$each->found->sound()) {
                return $each;
            }
        }

        return null;
    }

    /** What was found that counts most; null: nothing that weakens it. */
    public function worst(): ?Inspection
    {
        foreach ($this->found as $each) {
            if ($each->found->on($this->main()->line->material) < 1) {
                return $each;
            }
        }

        return null;
    }
}
