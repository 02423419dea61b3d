<?php

declare(strict_types=1);

namespace Undro\Printed;

use Undro\Input\Bounds;
use Undro\Line\Material;
use Undro\Units\Diameter;

/** A size and the length printed with it, told apart: by their units, else by a heading, else by how large they are. */
final readonly class Pair
{
    /** Two prints of one length, in m and in yd, lie closer than this share. */
    private const SAME_LENGTH = 0.12;

    private function __construct(
        public string $typed,
        public Figure $size,
        public Figure $length,
        public ?Figure $beside,
        public bool $turned,
        /** the mark between the two */
        public string $between,
        public ?Material $material,
    ) {}

    /**
     * @param non-empty-list<Figure> $figures
     *
     * @return list<self>
     *
     * @throws BadPrint naming a figure that stands alone
     */
    public static function all(array $figures, string $text): array
    {
        $pairs = [];
        $count = count($figures);
        $sizeFirst = null;
        for ($at = 0; $at < $count;) {
            $group = [$figures[$at++]];
            while (!self::complete($group)) {
                if ($at < $count && !self::together($group, $figures[$at]) && self::tooThick($figures[$at])) {
                    throw BadPrint::thick(self::typed([$figures[$at]], $text), Diameter::millimetres($figures[$at]->value));
                }
                $at < $count && self::together($group, $figures[$at]) || throw BadPrint::alone(self::typed($group, $text));
                $group[] = $figures[$at++];
            }
            // the same length in another unit, or the same line's strength, behind it
            while ($at < $count && self::belongs($group, $figures[$at], $figures[$at + 1] ?? null)) {
                $group[] = $figures[$at++];
            }
            $pairs[] = $pair = self::of($group, $text, $sizeFirst);
            if ($pair->size->unit !== null || $pair->length->unit !== null) {
                $sizeFirst = $pair->size->start < $pair->length->start;
            }
        }

        return $pairs;
    }

    /** @param non-empty-list<Figure> $group */
    private static function complete(array $group): bool
    {
        $sizes = count(array_filter($group, static fn(Figure $figure): bool => $figure->isSize()));
        $lengths = count(array_filter($group, static fn(Figure $figure): bool => $figure->isLength()));
        $open = count($group) - $sizes - $lengths;

        return min($sizes, 1) + min($lengths, 1) + $open >= 2;
    }

    /**
     * Whether a figure can still belong to one that has no partner yet.
     *
     * @param non-empty-list<Figure> $group
     */
    private static function together(array $group, Figure $next): bool
    {
        $last = $group[count($group) - 1];

        return match (true) {
            $last->isSize() && $next->isSize() => ($last->unit ?? FigureUnit::Millimetre) !== ($next->unit ?? FigureUnit::Millimetre)
                && count($group) < 3,
            $last->isLength() && $next->isLength() => self::same($last, $next),
            default => true,
        };
    }

    /** @param non-empty-list<Figure> $group */
    private static function belongs(array $group, Figure $next, ?Figure $after): bool
    {
        if (preg_match('/[;,|\n]/', $next->between) === 1) {
            return false;
        }
        foreach ($group as $figure) {
            if ($next->isLength() && $figure->isLength()) {
                return $figure->unit !== $next->unit && self::same($figure, $next);
            }
        }

        return $next->unit !== null && $next->isSize() && $after === null
            && array_filter($group, static fn(Figure $figure): bool => $figure->isSize() && $figure->unit === $next->unit) === [];
    }

    private static function tooThick(Figure $figure): bool
    {
        return $figure->unit === FigureUnit::Millimetre && $figure->value > Bounds::LINE_MM[1];
    }

    private static function same(Figure $one, Figure $two): bool
    {
        $first = $one->unit?->length($one->value)->inMetres() ?? 0.0;
        $second = $two->unit?->length($two->value)->inMetres() ?? 0.0;

        return abs($first - $second) <= self::SAME_LENGTH * max($first, $second);
    }

    /** @param non-empty-list<Figure> $group */
    private static function of(array $group, string $text, ?bool $sizeFirst): self
    {
        $sizes = array_values(array_filter($group, static fn(Figure $figure): bool => $figure->isSize()));
        $lengths = array_values(array_filter($group, static fn(Figure $figure): bool => $figure->isLength()));
        $open = array_values(array_filter($group, static fn(Figure $figure): bool => !$figure->isSize() && !$figure->isLength()));
        $turned = false;
        if ($sizes === [] && $lengths === []) {
            $first = $open[0]->sizeFirst ?? ($open[0]->carried ? $sizeFirst : null) ?? ($open[0]->value <= $open[1]->value);
            [$size, $length] = $first ? [$open[0], $open[1]] : [$open[1], $open[0]];
            $turned = !$first && $open[0]->sizeFirst === null;
        } else {
            $size = $sizes[0] ?? $open[0];
            $length = $lengths[0] ?? $open[0];
            // a length before a size that its decimals alone give away
            $turned = $size->unit === null && $length->unit === null && $length->start < $size->start && $length->sizeFirst === null;
        }
        $second = $size->start < $length->start ? $length : $size;

        return new self(
            self::typed($group, $text),
            $size,
            $length,
            $sizes[1] ?? null,
            $turned,
            $second->between,
            $size->material ?? $length->material,
        );
    }

    /** @param non-empty-list<Figure> $group */
    private static function typed(array $group, string $text): string
    {
        $start = min(array_map(static fn(Figure $figure): int => $figure->start, $group));
        $end = max(array_map(static fn(Figure $figure): int => $figure->end, $group));

        return trim(mb_substr($text, $start, $end - $start));
    }
}
