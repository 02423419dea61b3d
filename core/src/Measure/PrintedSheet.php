<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/**
 * The sheet of paper tools as it came out of the printer. It carries a bar that is to be 100 mm long: measured, it says how true to size
 * the sheet is; not measured, the sheet may be a printer's usual share off.
 */
final readonly class PrintedSheet
{
    /** The bar, mm, and the longest and shortest it can have become of it. */
    public const BAR_MM = 100.0;
    private const BAR_BETWEEN = [85.0, 110.0];
    /** The gauge's steps, mm: from one step to the deepest. */
    public const STEP_MM = 0.5;
    public const DEEPEST_MM = 6.0;
    /** One sd of a sheet's size: of a bar read against a ruler, 0.5 of 100 mm; of a printer that may have fitted the sheet to its paper. */
    private const CHECKED = 0.005;
    private const UNCHECKED = 0.02;
    /** Where the ends of a strip meet, mm round it, one sd. */
    private const MEETS_MM = 0.5;

    private function __construct(private float $size, private float $sd) {}

    /** @param Length|null $bar as it was measured; null: it was not @throws BadMeasure if no printer makes that of it */
    public static function checkedBy(?Length $bar): self
    {
        if ($bar === null) {
            return new self(1.0, self::UNCHECKED);
        }
        $read = $bar->inMillimetres();
        ($read >= self::BAR_BETWEEN[0] && $read <= self::BAR_BETWEEN[1]) || throw BadMeasure::notTheBar($bar, Length::millimetres(self::BAR_MM));

        return new self($read / self::BAR_MM, self::CHECKED);
    }

    /** What the strip goes round, by the figure its start meets. */
    public function strip(Length $reads): Measured
    {
        $diameter = $reads->inMillimetres() * $this->size;

        return Measured::diameter(
            Diameter::millimetres($diameter),
            hypot(self::MEETS_MM / M_PI, $this->sd * $diameter),
            Method::PrintedStrip,
            Sentence::of('{0} on the printed strip', Diameter::millimetres($reads->inMillimetres())),
        );
    }

    /**
     * How deep it is where one step goes in and the next does not: in the middle between the two, anywhere there alike.
     *
     * @return array{Length, float} the depth, and its sd, mm
     */
    public function depth(float $step): array
    {
        $deep = ($step + self::STEP_MM / 2) * $this->size;

        return [Length::millimetres($deep), hypot(self::STEP_MM / sqrt(12), $this->sd * $deep)];
    }
}
