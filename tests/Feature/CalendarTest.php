<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\Calendar;
use PHPUnit\Framework\TestCase;

/** iCalendar as any reader expects it: escaped, folded, one entry for each date. */
final class CalendarTest extends TestCase
{
    private const CARE = [
        'spool' => 7,
        'reel_name' => 'Skerry',
        'spool_name' => 'deep',
        'line' => 'Plain nylon',
        'text' => 'Nothing to do.',
        'due_on' => '2027-02-28',
        'turn_on' => null,
    ];

    public function testOneWholeDayForEachDate(): void
    {
        $lines = self::unfolded(Calendar::write([self::CARE, ['spool' => 8, 'turn_on' => '2026-12-31'] + self::CARE], '20261125T120000Z'));
        self::assertSame(['BEGIN:VCALENDAR', 'VERSION:2.0'], array_slice($lines, 0, 2));
        self::assertSame(3, count(array_keys($lines, 'BEGIN:VEVENT', true)));
        self::assertContains('DTSTART;VALUE=DATE:20270228', $lines);
        self::assertContains('DTEND;VALUE=DATE:20270301', $lines);
        self::assertContains('DTSTART;VALUE=DATE:20261231', $lines);
        self::assertContains('DTEND;VALUE=DATE:20270101', $lines);
        self::assertCount(3, array_unique(array_filter($lines, static fn(string $line): bool => str_starts_with($line, 'UID:'))));
    }

    public function testWhatIsWrittenComesBackWhateverTheNames(): void
    {
        foreach (['a, b; c\\d', "two\nlines", str_repeat('ünïcödé 🎣 ', 40), ''] as $name) {
            $text = Calendar::write([['reel_name' => $name] + self::CARE], '20261125T120000Z');
            foreach (explode("\r\n", $text) as $line) {
                self::assertLessThanOrEqual(75, strlen($line));
                self::assertTrue(mb_check_encoding($line, 'UTF-8'), 'a character was cut in two');
            }
            $summary = array_values(
                array_filter(self::unfolded($text), static fn(string $line): bool => str_starts_with($line, 'SUMMARY:')),
            )[0];
            $read = preg_replace_callback(
                '/\\\\(.)/',
                static fn(array $found): string => $found[1] === 'n' ? "\n" : $found[1],
                substr($summary, 8),
            );
            self::assertSame("Line due: $name, deep", $read);
        }
    }

    public function testNothingDueIsStillACalendar(): void
    {
        self::assertStringEndsWith("END:VCALENDAR\r\n", Calendar::write([], '20261125T120000Z'));
    }

    /** @return list<string> */
    private static function unfolded(string $text): array
    {
        return explode("\r\n", str_replace("\r\n ", '', $text));
    }
}
