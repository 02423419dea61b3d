<?php

declare(strict_types=1);

namespace App\Schema;

/** Reads JSON that came from elsewhere, within bounds of what can be held and told. */
final class Json
{
    /** Every list and every object takes a few hundred bytes once it is read, whatever stands in it. */
    public const MOST_PARTS = 400_000;
    private const DEPTH = 32;

    /** A name that stands twice in one group of names, where reading would quietly keep the last; null: none does. */
    public static function twice(string $text): ?string
    {
        $names = [];
        $depth = 0;
        $at = 0;
        while (preg_match('/"(?<name>(?:[^"\\\\]++|\\\\.)*+)"(?<colon>\s*+:)?|[{}]/s', $text, $found, PREG_OFFSET_CAPTURE, $at) === 1) {
            $at = $found[0][1] + strlen($found[0][0]);
            if ($found[0][0] === '{') {
                $names[++$depth] = [];
            } elseif ($found[0][0] === '}') {
                unset($names[$depth--]);
            } elseif (isset($found['colon'][0])) {
                $name = $found['name'][0] ?? '';
                if (isset($names[$depth][$name])) {
                    return $name;
                }
                $names[$depth][$name] = true;
            }
        }

        return null;
    }

    /**
     * @param int $parts at most so many lists and objects
     *
     * @return array<string, mixed>
     *
     * @throws UnreadableJson
     */
    public static function object(string $text, int $parts = self::MOST_PARTS): array
    {
        substr_count($text, '[') + substr_count($text, '{') <= $parts
            || throw new UnreadableJson('it holds more lists and objects than can be read at once', tooLarge: true);
        $read = json_decode($text, true, self::DEPTH);
        json_last_error() !== JSON_ERROR_DEPTH || throw new UnreadableJson('it is nested deeper than anything that can be meant');
        json_last_error() === JSON_ERROR_NONE || throw new UnreadableJson('its text is broken off or garbled');
        is_array($read) && ($read === [] || !array_is_list($read)) || throw new UnreadableJson('it does not begin with a name');
        // 1e999 is valid JSON and no number
        array_walk_recursive(
            $read,
            static fn(mixed $value): bool => !is_float($value) || is_finite($value) || throw new UnreadableJson(
                'a number in it is larger than any that can be told',
            ),
        );

        /** @var array<string, mixed> $read an object has names */
        return $read;
    }
}
