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
            self::AllThreeMeasures => 'lip, arbor and traverse by caliper',
            self::ArborToo => 'the arbor by caliper too',
            self::TraverseToo => 'the traverse by caliper too',
            self::Stamp => 'the capacity stamped on the spool',
            self::ByCaliper => 'a caliper for all three measures',
            self::WrapTestMain => 'touching wraps of the main line over 10 mm of pencil, or a micrometer',
            self::WrapTestBacking => 'touching wraps of the backing over 10 mm of pencil, or a micrometer',
            self::ItsSurface => 'three depth readings of the backing, with the main line off',
            self::ThreeDepths => 'stopping by turns and three depth readings together',
        };
    }
}
