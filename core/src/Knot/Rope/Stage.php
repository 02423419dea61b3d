<?php

declare(strict_types=1);

namespace Undro\Knot\Rope;

/** One stretch of a knot's film. Between two of its poses every point goes straight from one to the next. */
final readonly class Stage
{
    /**
     * @param int    $move  which of the knot's moves it belongs to
     * @param string $kind  lay, draw or trim
     * @param non-empty-list<array<string, list<array{float, float, float}>>> $poses line => points
     * @param array<string, array{float, float}> $from what is to be seen of each line at its beginning, in points
     * @param array<string, array{float, float}> $to   and at its end
     * @param list<array{string, int, int}>      $numbers turns that are counted: line, point, number
     * @param list<array{string, string}>        $pulls   what is pulled, all at once: line, and which end: from or to
     * @param array{string, int}|null            $pinched where fingers hold it: line, point
     * @param array{float, float, float, float}|null $look what one looks at meanwhile: x, y, width, height; null: all that is laid
     */
    public function __construct(
        public int $move,
        public string $kind,
        public array $poses,
        public array $from,
        public array $to,
        public array $numbers = [],
        public array $pulls = [],
        public ?array $pinched = null,
        public ?array $look = null,
    ) {}
}
