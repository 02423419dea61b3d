<?php

declare(strict_types=1);

namespace Undro\Printed;

use Undro\Line\Material;

/**
 * Takes print apart into figures. A unit or a heading ("lb/yd", "Mono:", "PE", "No.", "号") holds for what follows it until
 * another; one that stands behind all it speaks of holds for what is before it. Source: handbook, chapter 7, stamp.
 */
final class Scanner
{
    private const UNIT = '(?:millimet(?:re|er)s?|mm|inch(?:es)?|in|pounds?|lbs?|kgf|kgs?|kilos?|newtons?|n|met(?:re|er)s?|mtrs?|mts?|m|yards?'
        . '|yds?|y|feet|foot|ft)(?:(?=x\s*[\d.#])|(?![\p{L}]))\.?';
    private const MATERIAL = '(?<braid>braid(?:ed|s)?|ブレイド)|(?<fluoro>fluoro(?:-?carbons?)?|fc|フロロ(?:カーボン)?)'
        . '|(?<hybrid>hybrids?|copoly(?:mer)?s?)|(?<mono>mono-?(?:filament)?s?|nylons?|ナイロン)';
    private const WORDS = 'line|lines|capacity|capacities|cap|test|approx|about|ca|circa|of|and|or|for|dia|diameter|thick|spool|holds|strength'
        . '|breaking|load|length|size|糸巻量';
    /** As it may be typed => as it is read, one character each. */
    private const SAME = [
        '，' => ',', '、' => ',', '；' => ';', '：' => ':', '／' => '/', '⁄' => '/', '∕' => '/', '．' => '.', '＃' => '#', '（' => '(', '）' => ')',
        '–' => '-', '—' => '-', '−' => '-', '‐' => '-', '‑' => '-', '‒' => '-', '－' => '-', '～' => '-', '〜' => '-',
        '×' => 'x', '✕' => 'x', '＊' => 'x', '*' => 'x', '″' => '"', '“' => '"', '”' => '"',
        'ø' => 'Ø', '⌀' => 'Ø', '∅' => 'Ø', 'φ' => 'Ø', 'Φ' => 'Ø', "\u{00A0}" => ' ', "\u{3000}" => ' ', "\u{202F}" => ' ', "\u{2009}" => ' ',
    ];

    private string $text;
    private int $at = 0;
    private string $between = '';
    private ?FigureUnit $sizeUnit = null;
    private ?FigureUnit $lengthUnit = null;
    private bool $carried = false;
    private ?bool $sizeFirst = null;
    private ?Material $material = null;
    /** a mark before the next figure */
    private ?FigureUnit $mark = null;
    private int $markedFrom = 0;
    /** "PE" has been printed with numbers after it: those stay PE */
    private bool $peNumbers = false;
    /** @var list<Figure> */
    private array $figures = [];
    /** @var list<array{int, FigureUnit|null, FigureUnit|null, bool|null}> headings, with how many figures stand before */
    private array $headings = [];
    /** @var list<array{int, Material}> materials, with how many figures stand before */
    private array $materials = [];

    private function __construct(private readonly string $typed)
    {
        $plain = '';
        foreach (mb_str_split($typed) as $letter) {
            $code = mb_ord($letter);
            $wide = $code >= 0xFF10 && $code <= 0xFF5A ? mb_chr($code - 0xFEE0) : $letter;
            $plain .= self::SAME[$letter] ?? $wide;
        }
        $this->text = $plain;
    }

    /**
     * @return list<Figure> in the order typed
     *
     * @throws BadPrint naming the piece that is neither a figure nor a word it knows; its “near” is empty
     */
    public static function figures(string $typed): array
    {
        $scanner = new self($typed);
        while ($scanner->at < strlen($scanner->text)) {
            $scanner->step();
        }
        $scanner->lookBack();

        return $scanner->figures;
    }

    private function step(): void
    {
        if (($found = $this->found('[\s\/:;|()\[\]=&+~,–-]+|x(?=\s*(?:[\d.#Ø(№]|pe|no|nr))|\.(?!\d)')) !== null) {
            $this->between .= $found[0];
            if (preg_match('/[;|\n]/', $found[0]) === 1) {
                $this->mark = null;
            }
        } elseif (($found = $this->found('\d+(?:[.,]\d+)?|[.,]\d+')) !== null) {
            $this->figure($found[0]);
        } elseif (($found = $this->found('(?<size>Ø)')) !== null) {
            $this->marked(FigureUnit::Millimetre, strlen($found[0]));
        } elseif (($found = $this->found('PE(?![\p{L}])\s*-?\s*(?<no>(?:no\.?|nr\.?|№|#)(?=\s*[\d.]))?')) !== null) {
            $this->pe($found['no'] ?? '', strlen($found[0]));
        } elseif (($found = $this->found('(?:(?:no|nr)(?![\p{L}])\.?|№|#|号|號)\s*(?=[\d.])')) !== null) {
            $this->marked($this->peNumbers ? FigureUnit::Pe : FigureUnit::Number, strlen($found[0]));
        } elseif (($found = $this->found('(?<one>' . self::UNIT . '|(?:no|nr|№)(?![\p{L}])\.?|#|号|PE)\s*[-\/|,&.]\s*(?<two>' . self::UNIT . '|#|号)')) !== null) {
            $this->heading(FigureUnit::named($found['one']), FigureUnit::named($found['two']));
        } elseif (($found = $this->found('(?<one>' . self::UNIT . ')|号|號|#')) !== null) {
            $this->heading(FigureUnit::named($found[0]), null);
        } elseif (($found = $this->found('(?:' . self::MATERIAL . ')(?![a-z])')) !== null) {
            foreach (Material::cases() as $each) {
                if (($found[$each->value] ?? '') !== '') {
                    $this->material($each);
                }
            }
        } elseif ($this->found('(?:' . self::WORDS . ')(?![\p{L}])\.?') === null) {
            throw BadPrint::unreadable($this->chunk());
        }
    }

    /** A number, and the unit printed with it. */
    private function figure(string $raw): void
    {
        $from = $this->at - strlen($raw);
        $raw = $this->decimal($raw, $from);
        $this->at = $from + strlen($raw);
        $thousands = preg_match('/^[1-9]\d{0,2},\d{3}$/', $raw) === 1;
        $figure = new Figure(
            (float) str_replace(',', $thousands ? '' : '.', $raw),
            $thousands ? str_replace(',', '', $raw) : $raw,
            $this->between,
            $this->chars($this->mark === null ? $from : $this->markedFrom),
            $this->chars($this->at),
        );
        if (preg_match('/\G\.\d/', $this->text, $unused, 0, $this->at) === 1 && str_contains($raw, '.')) {
            throw BadPrint::unreadable($this->chunk());
        }
        $this->between = '';
        [$figure->sizeUnit, $figure->lengthUnit, $figure->carried, $figure->sizeFirst, $figure->material]
            = [$this->sizeUnit, $this->lengthUnit, $this->carried, $this->sizeFirst, $this->material];
        $figure->unit = $this->mark;
        $headed = preg_match('/\G\s*' . self::UNIT . '\s*[-\/]\s*' . self::UNIT . '(?!\d)/iu', $this->text, $heading, 0, $this->at) === 1;
        if (!$headed && ($found = $this->found('\s*(?<unit>' . self::UNIT . '|"|号|號)\.?|(?<hash>#(?!\d)|\s+#(?!\s*\d))')) !== null) {
            $unit = isset($found['hash']) ? FigureUnit::Pound : FigureUnit::named($found['unit']);
            $number = $unit === FigureUnit::Number;
            if ($number && $this->mark === FigureUnit::Pe) {
                $this->peNumbers = true;
                $unit = FigureUnit::Pe;
            }
            if ($this->mark === FigureUnit::Pe && $unit !== FigureUnit::Pe && $unit?->isLength() === false) {
                // "PE 20 lb": the material, not the number
                $this->material = $figure->material = Material::Braid;
                $this->materials[] = [count($this->figures), Material::Braid];
            }
            $figure->unit = $number && $this->peNumbers ? FigureUnit::Pe : $unit;
            $figure->end = $this->chars($this->at);
        }
        $this->mark = null;
        $this->figures[] = $figure;
        if ($figure->unit?->isLength() === true) {
            $this->lengthUnit = $figure->unit;
        } elseif ($figure->unit !== null) {
            $this->sizeUnit = $figure->unit;
            $this->carried = true;
        }
    }

    /** The digits that belong together: a comma is a decimal comma only where it can be one. */
    private function decimal(string $raw, int $from): string
    {
        if (preg_match('/^(\d*),(\d+)$/', $raw, $part) !== 1) {
            return $raw;
        }
        [, $whole, $rest] = $part;
        $after = substr($this->text, $from + strlen($raw));
        $second = preg_match('/[-\/x:]\s*$/', $this->between) === 1;
        $first = preg_match('/^\s*[-\/x:]\s*[\d.]/', $after) === 1;
        $belongs = match (true) {
            $whole === '' || trim($whole, '0') === '' => true,
            strlen($rest) === 3 && strlen($whole) <= 3 => !$first,
            strlen($whole) > 2 => false,
            default => !($first && $second),
        };

        return $belongs ? $raw : $whole;
    }

    private function marked(FigureUnit $unit, int $length): void
    {
        $this->mark = $unit;
        $this->markedFrom = $this->at - $length;
    }

    /** "PE" before a figure is its unit; before a word or a colon it is the material. */
    private function pe(string $number, int $length): void
    {
        if (preg_match('/\G\s*[\d.]/', $this->text, $found, 0, $this->at) === 1) {
            $this->marked(FigureUnit::Pe, $length);
            $this->peNumbers = $number !== '';

            return;
        }
        $this->heading(FigureUnit::Pe, null);
        $this->material(Material::Braid);
    }

    private function heading(?FigureUnit $one, ?FigureUnit $two): void
    {
        foreach ([$one, $two] as $unit) {
            if ($unit?->isLength() === true) {
                $this->lengthUnit = $unit;
            } elseif ($unit !== null) {
                $this->sizeUnit = $unit;
                $this->carried = false;
                $this->peNumbers = false;
            }
        }
        $both = $one !== null && $two !== null && $one->isLength() !== $two->isLength();
        $this->sizeFirst = $both ? !$one->isLength() : $this->sizeFirst;
        $size = array_values(array_filter([$one, $two], static fn(?FigureUnit $unit): bool => $unit?->isLength() === false))[0] ?? null;
        $length = array_values(array_filter([$one, $two], static fn(?FigureUnit $unit): bool => $unit?->isLength() === true))[0] ?? null;
        $this->headings[] = [count($this->figures), $size, $length, $both ? !$one->isLength() : null];
    }

    private function material(Material $material): void
    {
        $this->material = $material;
        $this->materials[] = [count($this->figures), $material];
        $this->peNumbers = false;
        if ($material !== Material::Braid && $this->sizeUnit === FigureUnit::Pe) {
            $this->sizeUnit = null;
        }
    }

    /** Headings and materials that stand behind all they speak of hold for what is before them. */
    private function lookBack(): void
    {
        $count = count($this->figures);
        if ($count > 0 && $this->headings !== [] && $this->headings[0][0] > 0 && $this->headings[count($this->headings) - 1][0] === $count) {
            $from = 0;
            foreach ($this->headings as [$before, $size, $length, $sizeFirst]) {
                for ($index = $from; $index < $before; ++$index) {
                    $figure = $this->figures[$index];
                    $figure->sizeUnit = $size ?? $figure->sizeUnit;
                    $figure->lengthUnit = $length ?? $figure->lengthUnit;
                    $figure->sizeFirst = $sizeFirst ?? $figure->sizeFirst;
                    $figure->carried = false;
                }
                $from = $before;
            }
        }
        if ($count > 0 && $this->materials !== [] && $this->materials[0][0] > 0 && $this->materials[count($this->materials) - 1][0] === $count) {
            $from = 0;
            foreach ($this->materials as [$before, $material]) {
                for ($index = $from; $index < $before; ++$index) {
                    $this->figures[$index]->material = $material;
                }
                $from = $before;
            }
        }
    }

    /** @return array<array-key, string>|null what stands here, and goes past it */
    private function found(string $pattern): ?array
    {
        if (preg_match("/\\G(?:$pattern)/iu", $this->text, $found, 0, $this->at) !== 1 || $found[0] === '') {
            return null;
        }
        $this->at += strlen($found[0]);

        return $found;
    }

    /** The piece without a space in it that stands here, as typed. */
    private function chunk(): string
    {
        $start = $this->at;
        while ($start > 0 && preg_match('/[\s;|]$/', substr($this->text, 0, $start)) !== 1) {
            --$start;
        }
        preg_match('/\G[^\s;|]+/u', $this->text, $found, 0, $start);
        $from = $this->chars($start);

        return mb_substr($this->typed, $from, mb_strlen($found[0] ?? ''));
    }

    private function chars(int $bytes): int
    {
        return mb_strlen(substr($this->text, 0, $bytes));
    }
}
