<?php

declare(strict_types=1);

namespace Undro\Drag;

/** What the guides add between reel and tip. Source: handbook, chapter 5: 5-15 %, and 1.1 until both were measured here. */
final class Guides
{
    public const USUAL = 1.1;
    /** What they add at least and at most, where it was not measured. */
    public const MORE = [0.05, 0.15];
    /** A measured ratio outside of this is no guides: the drag has changed, or a pull was wrong. */
    private const BELIEVED = [1.0, 1.4];

    /**
     * Force at the tip over force at the reel, by the last setting read each way at one place of the knob.
     *
     * @param list<Kept> $kept oldest first
     *
     * @return float|null null: they were not both measured
     */
    public static function measured(array $kept): ?float
    {
        $last = ['tip' => null, 'reel' => null];
        foreach ($kept as $each) {
            if ($each->fromOff) {
                $last[$each->tip ? 'tip' : 'reel'] = $each;
            }
        }
        [$tip, $reel] = [$last['tip'], $last['reel']];
        if ($tip === null || $reel === null || $tip->knob !== $reel->knob) {
            return null;
        }
        $ratio = $tip->at($reel->position())[0] / $reel->at($reel->position())[0];

        return $ratio >= self::BELIEVED[0] && $ratio <= self::BELIEVED[1] ? $ratio : null;
    }
}
