<?php

declare(strict_types=1);

namespace Undro\Device;

use Undro\Units\Diameter;
use Undro\Units\Length;

/** The roller of a line counter: so many pulses for each of its turns. */
final readonly class Roller
{
    private function __construct(private int $pulsesPerTurn, private Diameter $diameter) {}

    /** @throws BadDevice if it has no pulses or no diameter */
    public static function of(int $pulsesPerTurn, Diameter $diameter): self
    {
        $pulsesPerTurn > 0 || throw BadDevice::noPulses();
        $diameter->inMillimetres() > 0 || throw BadDevice::noRoller();

        return new self($pulsesPerTurn, $diameter);
    }

    /** The line that so many pulses stand for, without slip. */
    public function length(int $pulses): Length
    {
        return Length::millimetres($pulses / $this->pulsesPerTurn * M_PI * $this->diameter->inMillimetres());
    }
}
