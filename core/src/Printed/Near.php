<?php

declare(strict_types=1);

namespace Undro\Printed;

/** What print that cannot be read could have been: the nearest that can. */
final class Near
{
    /** Letters that are typed or copied for others. */
    private const SLIPS = ['o' => '0', 'O' => '0', 'l' => '1', 'I' => '1', 'S' => '5', 'B' => '8', 'ö' => '0', 'z' => '2', 'Z' => '2'];
    /** Words that are meant where a letter is wrong. */
    private const WORDS = [
        'mm', 'lb', 'lbs', 'yd', 'yds', 'yards', 'm', 'metres', 'meters', 'kg', 'nylon', 'mono', 'braid', 'fluoro', 'fluorocarbon', 'hybrid', 'PE',
    ];
    private const MOST = 60;

    /**
     * The same fault, with the nearest to its piece and the whole text that comes of it.
     *
     * @param string                  $example where nothing comes near
     * @param list<string>            $whole   the piece with what it lacks
     * @param callable(string): mixed $read    throws BadPrint where it cannot
     */
    public static function to(BadPrint $fault, string $text, string $example, array $whole, callable $read): BadPrint
    {
        $piece = $fault->piece();
        foreach ($piece === '' ? [] : [...self::candidates($piece), ...$whole, ...self::bare($piece)] as $near) {
            $near = trim($near);
            $instead = trim(str_replace($piece, $near, $text));
            if ($near !== '' && $near !== $piece && self::reads($instead, $read)) {
                return $fault->nearest($near, $instead);
            }
        }
        $without = trim(preg_replace('/\s+(?:and|or|of|for|about)\s*$/i', '', trim(str_replace($piece, ' ', $text))) ?? '', ' -/,;');

        return $piece !== '' && self::reads($without, $read) ? $fault->nearest($without, $without) : $fault->nearest($example, $example);
    }

    /** @param callable(string): mixed $read */
    private static function reads(string $text, callable $read): bool
    {
        if ($text === '' || mb_strlen($text) > self::MOST) {
            return false;
        }
        try {
            $read($text);
        } catch (BadPrint) {
            return false;
        }

        return true;
    }

    /** @return list<string> */
    private static function candidates(string $piece): array
    {
        $words = preg_replace_callback('/\p{L}+/u', static fn(array $found): string => self::word($found[0]), $piece) ?? $piece;

        return [
            strtr($piece, self::SLIPS),
            $words,
            strtr($words, self::SLIPS),
            // marks that mean nothing
            preg_replace('/[^\p{L}\d.,\/#\s"-]+/u', '', $piece) ?? '',
            // two points where one mark belongs: "0.25.200"
            preg_replace('/^(\d*[.,]\d+)[.,:;]+(\d+)$/', '$1/$2', $piece) ?? '',
            // a decimal point that got lost
            preg_replace('/^(\d{1,2})(\s*mm)/', '0.$1$2', $piece) ?? '',
            preg_replace('/^(\d{2})([\/x-]\d+)/', '0.$1$2', $piece) ?? '',
            // a letter too many: "200 mm" for 200 m
            preg_replace('/mm$/', 'm', $piece) ?? '',
            // noughts too many
            preg_replace('/0(\s*\p{L}*)$/u', '$1', $piece) ?? '',
            preg_replace('/000(\s*\p{L}*)$/u', '$1', $piece) ?? '',
        ];
    }

    /** @return list<string> the piece without its letters */
    private static function bare(string $piece): array
    {
        return [
            trim(preg_replace('/[^\d.,\/#\sx-]+/u', '', $piece) ?? '', ' -/,.x'),
            trim(preg_replace('/[^\d.,\/#\sx-]+/u', ' ', $piece) ?? '', ' -/,.x'),
        ];
    }

    private static function word(string $word): string
    {
        $best = $word;
        $least = 2;
        foreach (self::WORDS as $known) {
            $away = levenshtein(mb_strtolower($word), mb_strtolower($known));
            if ($away < $least) {
                [$best, $least] = [$known, $away];
            }
        }

        return $best;
    }
}
