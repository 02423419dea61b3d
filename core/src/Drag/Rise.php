<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Sentence;

/**
 * How much the force grows with the line out: what the spool's shape explains, and what was measured where somebody stripped line and
 * pulled again.
 * Where a reading is over 1.3 times what the shape explains, the measured curve counts: the excess grows in straight lines from one reading
 * to the next, and goes on as it grew where there is none. Source: handbook, chapter 5; the straight lines are ours.
 */
final readonly class Rise
{
    /** Measured over predicted beyond this is the drag's own doing. */
    public const OWN_DOING = 1.3;
    /** A pull with less than this share of the line off tells little of the rest; a third is asked for. Ours. */
    private const DEEP = 0.2;
    public const ASKED = 1 / 3;

    /** @param list<array{float, float}> $excess line out in metres and measured over predicted, nearest first */
    private function __construct(private Runout $runout, private Force $set, public array $excess) {}

    /**
     * @param Force                      $set      the force on the spool as it was set, no line out
     * @param list<array{Length, Force}> $measured line out, and the running force there
     *
     * @throws BadDrag if one line out is measured twice
     */
    public static function of(Runout $runout, Force $set, array $measured): self
    {
        usort($measured, static fn(array $a, array $b): int => $a[0]->inMetres() <=> $b[0]->inMetres());
        $excess = [];
        foreach ($measured as [$out, $force]) {
            $last = end($excess);
            $last === false || $out->inMetres() - $last[0] > 0.5 || throw BadDrag::measuredTwice($out);
            if ($out->inMetres() > 0.5) {
                $excess[] = [$out->inMetres(), $force->inNewtons() / $runout->force($set, $out)->inNewtons()];
            }
        }

        return new self($runout, $set, $excess);
    }

    /**
     * Nobody has pulled deep enough yet: the shape of the spool is the least the force can be.
     *
     * @param Length $line all that is on
     */
    public function atLeast(Length $line): bool
    {
        $deepest = $this->excess === [] ? 0.0 : $this->excess[count($this->excess) - 1][0];

        return $deepest < self::DEEP * $line->inMetres();
    }

    /** The drag rises more than the spool explains: the measured curve counts. */
    public function byMeasured(): bool
    {
        return array_filter($this->excess, static fn(array $each): bool => $each[1] > self::OWN_DOING) !== [];
    }

    /** What to expect at a line out. */
    public function force(Length $lineOut): Force
    {
        $shape = $this->runout->force($this->set, $lineOut);

        return $this->byMeasured() ? Force::newtons($shape->inNewtons() * $this->excessAt($lineOut->inMetres())) : $shape;
    }

    /** The force to set before any line is out, so that at this line out it is what was wanted. */
    public function setFor(Length $lineOut): Force
    {
        return Force::newtons($this->set->inNewtons() ** 2 / $this->force($lineOut)->inNewtons());
    }

    /** The line out at which the force reaches a limit; null: not before this much is out. */
    public function lineOutAt(Force $limit, Length $most): ?Length
    {
        $reached = fn(float $metres): bool => $this->force(Length::metres($metres))->inNewtons() >= $limit->inNewtons();
        if (!$reached($most->inMetres())) {
            return null;
        }
        [$low, $high] = [0.0, $most->inMetres()];
        for ($i = 0; $i < 40; ++$i) {
            $middle = ($low + $high) / 2;
            $reached($middle) ? $high = $middle : $low = $middle;
        }

        return Length::metres($high < 1e-6 ? 0.0 : $high);
    }

    /** What the measured points say; null: nothing was measured at another level. */
    public function verdict(): ?Sentence
    {
        if ($this->excess === []) {
            return null;
        }
        $worst = $this->excess[0];
        foreach ($this->excess as $each) {
            $worst = $each[1] > $worst[1] ? $each : $worst;
        }
        $out = Length::metres($worst[0]);
        $shape = $this->runout->force($this->set, $out);

        return match (true) {
            $worst[1] > self::OWN_DOING => Sentence::of(
                sprintf(
                    'With {0} out, the spool’s shape explains {1}. You measured {2}, %.2F times that, because the drag sticks or heats '
                        . 'up. Undro uses your measured curve from here on. Have the washers cleaned or replaced.',
                    $worst[1],
                ),
                $out,
                $shape,
                Force::newtons($worst[1] * $shape->inNewtons()),
            ),
            $worst[1] < 1 / self::OWN_DOING => Sentence::of(
                sprintf(
                    'With {0} out you measured {1}, %.2F times what the spool’s shape explains. A drag doesn’t loosen by itself. Check '
                        . 'whether the knob moved, or whether you pulled too fast at first.',
                    $worst[1],
                ),
                $out,
                Force::newtons($worst[1] * $shape->inNewtons()),
            ),
            default => Sentence::of(
                sprintf('The drag is sound. You measured at most %.2F times what the spool’s shape predicts.', $worst[1]),
            ),
        };
    }

    private function excessAt(float $metres): float
    {
        $before = [0.0, 1.0];
        foreach ($this->excess as $each) {
            if ($metres <= $each[0]) {
                return $before[1] + ($each[1] - $before[1]) * ($metres - $before[0]) / ($each[0] - $before[0]);
            }
            $before = $each;
        }

        return max($before[1], 1 + ($before[1] - 1) * $metres / $before[0]);
    }
}
