<?php

declare(strict_types=1);

namespace App\Exchange;

/** What is due as an iCalendar file (RFC 5545), one whole-day entry a spool. */
final class Calendar
{
    /** Octets a line may have. */
    private const LINE = 75;

    /**
     * @param list<array<string, mixed>> $cares as Care gives them
     * @param string                     $stamp when it was written, as 20260331T120000Z
     */
    public static function write(array $cares, string $stamp): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Undro//Upkeep//EN', 'CALSCALE:GREGORIAN', 'METHOD:PUBLISH', 'X-WR-CALNAME:Undro upkeep'];
        foreach ($cares as $care) {
            foreach (['turn_on' => 'Turn the line over', 'due_on' => 'Line due'] as $date => $what) {
                $on = $care[$date] ?? null;
                if (is_string($on)) {
                    array_push($lines, ...self::entry($care, $date, $on, $what, $stamp));
                }
            }
        }
        $lines[] = 'END:VCALENDAR';

        return implode('', array_map(self::folded(...), $lines));
    }

    /**
     * @param array<string, mixed> $care
     *
     * @return list<string>
     */
    private static function entry(array $care, string $kind, string $on, string $what, string $stamp): array
    {
        $text = static fn(string $key): string => is_scalar($care[$key] ?? null) ? (string) $care[$key] : '';
        $day = new \DateTimeImmutable($on);

        return [
            'BEGIN:VEVENT',
            "UID:undro-$kind-spool-{$text('spool')}@undro.invalid",
            "DTSTAMP:$stamp",
            'DTSTART;VALUE=DATE:' . $day->format('Ymd'),
            'DTEND;VALUE=DATE:' . $day->modify('+1 day')->format('Ymd'),
            'SUMMARY:' . self::escaped("$what: {$text('reel_name')}, {$text('spool_name')}"),
            'DESCRIPTION:' . self::escaped("{$text('line')}. {$text('text')}"),
            'TRANSP:TRANSPARENT',
            'END:VEVENT',
        ];
    }

    private static function escaped(string $text): string
    {
        // a bare return would end the line for some readers, and nothing else of the kind means anything here
        $text = (string) preg_replace(['/\r\n?/', '/[\x00-\x08\x0B-\x1F\x7F]/'], ["\n", ''], $text);

        return strtr($text, ['\\' => '\\\\', ';' => '\\;', ',' => '\\,', "\n" => '\\n']);
    }

    /** A long line goes on in the next one after a space, never in the middle of a character. */
    private static function folded(string $line): string
    {
        $out = '';
        $room = self::LINE;
        while (strlen($line) > $room) {
            $part = mb_strcut($line, 0, $room, 'UTF-8');
            $out .= "$part\r\n ";
            $line = substr($line, strlen($part));
            $room = self::LINE - 1;
        }

        return "$out$line\r\n";
    }
}
