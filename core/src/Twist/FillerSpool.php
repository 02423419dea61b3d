<?php

declare(strict_types=1);

namespace Undro\Twist;

use Undro\Units\Diameter;
use Undro\Units\Length;

/** The shop's spool a line comes on: how large it is with so much left on it. The line's volume is linear in its length. */
final readonly class FillerSpool
{
    /** A filler nobody has measured. General experience of ours: 300 m of usual line come on about this. */
    public const FULL_MM = 75.0;
    public const CORE_MM = 50.0;

    private function __construct(private Diameter $full, private Diameter $core, private Length $length) {}

    /** @throws BadWinding if the core is not inside the line */
    public static function of(?Diameter $full, ?Diameter $core, Length $length): self
    {
        $full ??= Diameter::millimetres(max(self::FULL_MM, ($core?->inMillimetres() ?? 0.0) * 1.5));
        $core ??= Diameter::millimetres(min(self::CORE_MM, $full->inMillimetres() * self::CORE_MM / self::FULL_MM));
        $core->inMillimetres() > 0 || throw BadWinding::noDiameter('core_mm', 'bare core');
        $core->inMillimetres() < $full->inMillimetres() || throw BadWinding::coreOutside($core, $full);

        return new self($full, $core, $length);
    }

    /** Over the line, with so much left. */
    public function with(Length $left): Diameter
    {
        $share = $this->length->inMetres() > 0 ? max(0.0, min(1.0, $left->inMetres() / $this->length->inMetres())) : 1.0;

        return Diameter::millimetres(
            sqrt($this->core->inMillimetres() ** 2 + $share * ($this->full->inMillimetres() ** 2 - $this->core->inMillimetres() ** 2)),
        );
    }
}
