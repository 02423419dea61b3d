<?php

declare(strict_types=1);

namespace Undro\Drag;

/**
 * How far to turn the knob back as line runs out, by the law that the setting's own pulls fit, rounded to the next step softer: nobody has
 * a scale afloat. Source: handbook, chapter 5.
 */
final readonly class Easing
{
    /** What a wet hand can tell of a turn: an eighth. Clicks and notches are whole. Ours. */
    private const TURN = 0.125;
    /** Below where it was pulled the law is less sure: hardly a chance that it still gives a tenth too much. Ours. */
    private const FAR_OVER = 1.1;
    private const CHANCE = 0.05;
    /** Steps, where it is not known how far the knob goes. */
    private const FARTHEST = 80;

    private function __construct(private Knob $knob, private KnobLaw $law, private float $position, private ?float $least) {}

    /**
     * @param Pulls $pulls of the setting
     * @param bool  $fromOff its position is counted from fully backed off
     *
     * @return self|null null: it was pulled at one place alone, so there is no law
     */
    public static function of(Knob $knob, Pulls $pulls, bool $fromOff): ?self
    {
        return $pulls->atOnePlace()
            ? null
            : new self($knob, KnobLaw::fitted($knob, $pulls->points()), $pulls->position(), $fromOff ? 0.0 : null);
    }

    /**
     * How far back from where the knob stands, in its own unit, so that it gives no more than a share of what it gives there; null: it would
     * have to be backed off further than it goes.
     */
    public function back(float $share): ?float
    {
        if ($share >= 1 - 1e-9) {
            return 0.0;
        }
        $step = $this->knob === Knob::Turn ? self::TURN : 1.0;
        $wanted = $share * $this->law->force($this->position);
        $most = $this->least === null ? self::FARTHEST : (int) floor(($this->position - $this->least) / $step + 1e-6);
        for ($steps = 1; $steps <= $most; ++$steps) {
            $there = $this->position - $steps * $step;
            if ($this->law->force($there) <= $wanted + 1e-9 && $this->law->chanceOver($there, self::FAR_OVER * $wanted) <= self::CHANCE) {
                return $steps * $step;
            }
        }

        return null;
    }

    /** "half a turn", "3 clicks". */
    public function words(float $back): string
    {
        if ($this->knob !== Knob::Turn) {
            return $this->knob->many($back);
        }
        $whole = (int) floor($back + 1e-6);
        $part = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'][(int) round(8 * ($back - $whole)) % 8];

        return ($whole === 0 ? '' : (string) $whole) . $part . ($back > 1 ? ' turns' : ' turn');
    }
}
