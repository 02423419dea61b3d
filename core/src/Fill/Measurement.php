<?php

declare(strict_types=1);

namespace Undro\Fill;

/** A measurement that would narrow the answer. */
enum Measurement: string
{
    case AllThreeMeasures = 'all_three_measures';
    case ArborToo = 'arbor';
    case TraverseToo = 'traverse';
    case Stamp = 'stamp';
    case ByCaliper = 'caliper';
    case WrapTestMain = 'wrap_test_main';
    case WrapTestBacking = 'wrap_test_backing';
    case ThreeDepths = 'three_depths';
    case ItsSurface = 'its_surface';

    /** As the screen says it. */
    public function words(): string
    {
        return match ($this) {
            self::AllThreeMeasures => 'Measure lip, arbor and spool width with calipers.',
            self::ArborToo => 'Measure the arbor with calipers too.',
            self::TraverseToo => 'Measure the spool width with calipers too.',
            self::Stamp => 'Add the capacity printed on the spool.',
            self::ByCaliper => 'Use calipers for all three spool dimensions.',
            self::WrapTestMain => 'Do a wrap test of the main line: touching wraps over 10 mm of pencil. Or use a micrometer.',
            self::WrapTestBacking => 'Do a wrap test of the backing: touching wraps over 10 mm of pencil. Or use a micrometer.',
            self::ItsSurface => 'Measure the level of the backing three times, with the main line off.',
            self::ThreeDepths => 'Stop by turns and by three level readings together.',
        };
    }
}
