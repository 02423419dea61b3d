<?php

declare(strict_types=1);

namespace Undro\Allocation;

/** One source and what is cut from it. */
final readonly class Bin
{
    /** @param list<array{int, int}> $cuts piece, and micrometres of it */
    public function __construct(public Source $source, public array $cuts) {}

    /** Micrometres that stay on the source. */
    public function left(): int
    {
        return $this->source->length - array_sum(array_column($this->cuts, 1));
    }

    /** What it adds to the worth of the whole. @param int $useful leftovers shorter than this are waste */
    public function worth(int $useful): Worth
    {
        return new Worth($this->source->price, self::waste($this->left(), $useful), 1);
    }

    /**
     * What a rest counts as waste, micrometres.
     *
     * @param int $useful a rest as long as this is none
     */
    public static function waste(int $left, int $useful): int
    {
        return $left < $useful ? $left : 0;
    }
}
