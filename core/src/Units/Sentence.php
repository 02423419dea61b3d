<?php

declare(strict_types=1);

namespace Undro\Units;

/** A sentence that names its figures by number, "{0}", so that a screen can show them in the angler's own units. */
final readonly class Sentence
{
    /** Lengths below this are depths, read in mm; longer ones are line, read in m. */
    private const DEPTH_UNDER_M = 0.1;
    /** Thicker than this it is a part of a spool, not a line. */
    private const LINE_TO_MM = 3.0;
    /** Line shorter than this, a leader, is told to a tenth of a metre. */
    private const SHORT_UNDER_M = 8.0;

    /** @param list<Length|Diameter|Force|Exact|RoundedLength> $figures */
    private function __construct(public string $words, public array $figures) {}

    /** Words with "{0}" where a figure goes, and the figures. */
    public static function of(string $words, Length|Diameter|Force|Exact|RoundedLength ...$figures): self
    {
        return new self($words, array_values($figures));
    }

    /** The same sentence after other words. */
    public function after(string $words): self
    {
        return new self($words . $this->words, $this->figures);
    }

    /** The same sentence with something called in other words. */
    public function calling(string $what, string $name): self
    {
        return new self(str_replace($what, strtr($name, ['{' => '(', '}' => ')']), $this->words), $this->figures);
    }

    /** The same sentence before other words. */
    public function before(string $words): self
    {
        return new self($this->words . $words, $this->figures);
    }

    /** The sentence with its figures in m, mm and kg. */
    public function text(): string
    {
        $shown = [];
        foreach ($this->figures as $index => $figure) {
            $shown["{{$index}}"] = match (true) {
                $figure instanceof Exact, $figure instanceof RoundedLength => $figure->text(),
                $figure instanceof Diameter => sprintf($figure->inMillimetres() < self::LINE_TO_MM ? '%.2F mm' : '%.1F mm', $figure->inMillimetres()),
                $figure instanceof Force => sprintf('%.1F kg', $figure->in(ForceUnit::Kilogram)),
                self::isDepth($figure) => sprintf('%.1F mm', $figure->inMillimetres()),
                default => sprintf(abs($figure->inMetres()) < self::SHORT_UNDER_M ? '%.1F m' : '%.0F m', $figure->inMetres()),
            };
        }

        return strtr($this->words, $shown);
    }

    /** @return list<array<string, float>> the figures by unit: diameter_mm, force_N, depth_mm, length_m, about_m, exact_mm, exact_m or exact_N */
    public function figures(): array
    {
        return array_map(static fn(Length|Diameter|Force|Exact|RoundedLength $figure): array => match (true) {
            $figure instanceof Exact => ["exact_$figure->unit" => $figure->value],
            $figure instanceof RoundedLength => ['about_m' => $figure->metres],
            $figure instanceof Diameter => ['diameter_mm' => $figure->inMillimetres()],
            $figure instanceof Force => ['force_N' => $figure->inNewtons()],
            self::isDepth($figure) => ['depth_mm' => $figure->inMillimetres()],
            default => ['length_m' => $figure->inMetres()],
        }, $this->figures);
    }

    private static function isDepth(Length $figure): bool
    {
        return abs($figure->inMetres()) < self::DEPTH_UNDER_M;
    }
}
