<?php

declare(strict_types=1);

namespace Undro\Measure;

/** How a figure can be got at the bench. */
enum Method: string
{
    case WrapTest = 'wrap_test';
    case ShortWrapTest = 'short_wrap_test';
    case KitchenScale = 'kitchen_scale';
    case Weighed = 'weighed';
    case Caliper = 'caliper';
    case Ruler = 'ruler';
    case PaperStrip = 'paper_strip';
    case Level = 'level';
    case PrintedStrip = 'printed_strip';
    case SteppedGauge = 'stepped_gauge';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::WrapTest => 'a wrap test',
            self::ShortWrapTest => 'a short wrap test',
            self::KitchenScale => 'the kitchen scale',
            self::Weighed => 'weighing the spool before and after',
            self::Caliper => 'a caliper',
            self::Ruler => 'a ruler',
            self::PaperStrip => 'a strip of paper',
            self::Level => 'line level',
            self::PrintedStrip => 'the printed strip',
            self::SteppedGauge => 'the stepped gauge',
        };
    }
}
