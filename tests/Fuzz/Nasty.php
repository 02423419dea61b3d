<?php

declare(strict_types=1);

namespace Tests\Fuzz;

/** What nobody means to send, as raw JSON: of the wrong type, empty, endless, not to be told, or made to be misunderstood further on. */
final class Nasty
{
    /** @return array<string, string> raw JSON by a name to find it by */
    public static function values(): array
    {
        return [
            'empty' => '""',
            'blank' => '"  "',
            'null' => 'null',
            'list' => '[]',
            'object' => '{}',
            'a list' => '[1]',
            'a nest' => '[["x"]]',
            'an object' => '{"a":1}',
            'zero' => '0',
            'minus' => '-1',
            'fraction' => '1.5',
            'huge' => '1e308',
            'infinite' => '1e999',
            'minus infinite' => '-1e999',
            'past 64 bits' => '9223372036854775808',
            'past 53 bits' => '9007199254740993',
            'true' => 'true',
            'false' => 'false',
            'text 0' => '"0"',
            'text -3' => '"-3"',
            'text 1e400' => '"1e400"',
            'text 1.5' => '"1.5"',
            'words' => '"zzz"',
            'NaN' => '"NaN"',
            'far away' => '"1 000 000 km"',
            'a late date' => '"9999-12-31"',
            'no date' => '"2026-02-30"',
            'half a pair' => '"\ud800"',
            'nothing to see' => '"a\u0000b"',
            'an escape' => '"\u001b[31m"',
            'of everywhere' => '"é漢🎣\u202e"',
            'a formula' => '"=1+1"',
            'a return' => '"a\rb\nc"',
            'a quote' => '"\"\',;<b>%s{{7*7}}"',
            'a path' => '"../../../etc/passwd"',
            'a uuid' => '"00000000-0000-4000-8000-000000000000"',
            'long' => '"' . str_repeat('x', 500) . '"',
            'endless' => '"' . str_repeat('x', 1_000_000) . '"',
            'deep' => str_repeat('[', 500) . str_repeat(']', 500),
            'many' => '[' . str_repeat('{},', 2000) . '{}]',
        ];
    }

    /** For the query of an address. @return array<string, mixed> */
    public static function words(): array
    {
        return [
            'empty' => '',
            'words' => 'zzz',
            'list' => ['a'],
            'nest' => ['a' => ['b' => 'c']],
            'minus' => '-1',
            'huge' => '99999999999999999999',
            'a date' => '9999-99-99',
            'a quote' => '\'"%_\\',
            'long' => str_repeat('x', 2000),
            'not UTF-8' => "\xff\xfe",
            'nothing to see' => "a\0b",
            'number' => '1',
        ];
    }
}
