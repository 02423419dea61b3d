<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Upkeep\SpoolUpkeep;
use Undro\Upkeep\State;

/**
 * What is due as an iCalendar file (RFC 5545), one whole-day entry a spool.
 *
 * @phpstan-type Entry array{
 *     spool: int, reel_name: string, spool_name: string, line: string, text: string, turn_on?: string|null, due_on?: string|null
 * }
 */
final class Calendar
{
    /** Octets a line may have. */
    private const LINE = 75;

    /**
     * @param list<SpoolUpkeep> $spools
     * @param string            $stamp  when it was written, as 20260331T120000Z
     */
    public static function of(array $spools, string $stamp): string
    {
        return self::write(array_map(static fn(SpoolUpkeep $of): array => [
            'spool' => $of->spool->id,
            'reel_name' => $of->reel->name,
            'spool_name' => $of->spool->name,
            'line' => $of->line->name,
            'text' => $of->upkeep->says->text(),
            'turn_on' => $of->upkeep->state === State::Turn ? $of->upkeep->dueOn : $of->upkeep->wear->turnOn,
            'due_on' => $of->upkeep->state === State::Turn ? $of->upkeep->wear->dueOn : $of->upkeep->dueOn,
        ], $spools), $stamp);
    }

    /**
     * @param list<Entry> $entries
     * @param string      $stamp   when it was written
     */
    public static function write(array $entries, string $stamp): string
    {
        $lines = [
            'BEGIN:VCALENDAR',
            'VERSION:2.0',
            'PRODID:-//Undro//Upkeep//EN',
            'CALSCALE:GREGORIAN',
            'METHOD:PUBLISH',
            'X-WR-CALNAME:Undro upkeep',
        ];
        foreach ($entries as $entry) {
            array_push(
                $lines,
                ...self::entry($entry, 'turn_on', $entry['turn_on'] ?? null, 'Reverse the line', $stamp),
                ...self::entry($entry, 'due_on', $entry['due_on'] ?? null, 'Line due', $stamp),
            );
        }
        $lines[] = 'END:VCALENDAR';

        return implode('', array_map(self::folded(...), $lines));
    }

    /**
     * @param Entry       $entry
     * @param string|null $on    a day; null: there is nothing to enter
     *
     * @return list<string>
     */
    private static function entry(array $entry, string $kind, ?string $on, string $what, string $stamp): array
    {
        if ($on === null) {
            return [];
        }
        $day = new \DateTimeImmutable($on);

        return [
            'BEGIN:VEVENT',
            "UID:undro-$kind-spool-{$entry['spool']}@undro.invalid",
            "DTSTAMP:$stamp",
            'DTSTART;VALUE=DATE:' . $day->format('Ymd'),
            'DTEND;VALUE=DATE:' . $day->modify('+1 day')->format('Ymd'),
            'SUMMARY:' . self::escaped("$what: {$entry['reel_name']}, {$entry['spool_name']}"),
            'DESCRIPTION:' . self::escaped("{$entry['line']}. {$entry['text']}"),
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
