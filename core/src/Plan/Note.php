<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Units\Length;

/**
 * One thing worth saying about a plan. The sentence names its figures by number, "{0}", so that a screen can show them
 * in the angler's own units.
 */
final readonly class Note
{
    /** @param list<Length> $figures lengths of line, or depths where under 0.1 m */
    private function __construct(public string $id, public Weight $weight, public string $sentence, public array $figures) {}

    public static function of(string $id, Weight $weight, string $sentence, Length ...$figures): self
    {
        return new self($id, $weight, $sentence, array_values($figures));
    }

    /** Whether a figure is a depth, which is read in mm, rather than a length of line. */
    public static function isDepth(Length $figure): bool
    {
        return abs($figure->inMetres()) < 0.1;
    }

    /** The sentence with its figures in m and mm. */
    public function text(): string
    {
        $shown = [];
        foreach ($this->figures as $index => $figure) {
            $shown["{{$index}}"] = self::isDepth($figure) ? sprintf('%.1F mm', $figure->inMillimetres()) : sprintf('%d m', (int) round($figure->inMetres()));
        }

        return strtr($this->sentence, $shown);
    }
}
