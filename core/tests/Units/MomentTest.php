<?php

declare(strict_types=1);

namespace Undro\Tests\Units;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Undro\Units\BadQuantity;
use Undro\Units\Moment;

final class MomentTest extends TestCase
{
    #[TestWith(['2026-03-31', '2026-03-31T00:00:00.000Z'])]
    #[TestWith([' 2026-03-31 18:05 ', '2026-03-31T18:05:00.000Z'])]
    #[TestWith(['2026-03-31 18:05:07', '2026-03-31T18:05:07.000Z'])]
    #[TestWith(['2026-03-31T18:05:07.123456Z', '2026-03-31T18:05:07.123Z'])]
    #[TestWith(['2026-03-31T01:30:00+02:00', '2026-03-30T23:30:00.000Z'])]
    #[TestWith(['2024-02-29', '2024-02-29T00:00:00.000Z'])]
    public function testADateIsReadHoweverItIsWritten(string $typed, string $iso): void
    {
        $moment = Moment::read($typed);
        self::assertSame($iso, $moment->iso());
        self::assertSame($iso, Moment::read($moment->iso())->iso());
        self::assertSame($iso, Moment::read($moment->dated())->iso());
    }

    #[TestWith(['zzz'])]
    #[TestWith([''])]
    #[TestWith(['1e400'])]
    #[TestWith(['2026-02-29'])]
    #[TestWith(['2026-13-01'])]
    #[TestWith(['2026-03-31T24:00:00Z'])]
    #[TestWith(['2026-03-31T18:05:07+99:00'])]
    #[TestWith(['31.03.2026'])]
    #[TestWith(['yesterday'])]
    #[TestWith(['0000-00-00'])]
    #[TestWith(['1949-12-31'])]
    public function testWhatIsNoDateIsRefused(string $typed): void
    {
        $this->expectException(BadQuantity::class);
        Moment::read($typed);
    }

    public function testNothingHasHappenedLaterThanADayAhead(): void
    {
        $now = Moment::read('2026-03-31T12:00:00Z');
        self::assertSame('2026-04-01', Moment::read('2026-04-01T11:59:00Z', $now)->day());
        try {
            Moment::read('9999-01-01', $now);
            self::fail('taken');
        } catch (BadQuantity $fault) {
            self::assertStringContainsString('Today is 2026-03-31', $fault->getMessage());
        }
    }

    public function testWhatComesAfterIsLaterWhateverTheClockSays(): void
    {
        $early = Moment::read('2026-03-31T12:00:00Z');
        $late = Moment::read('2027-05-05T12:00:00.999Z');
        self::assertSame($early, $early->after(null));
        self::assertSame($late->iso(), $late->after($early)->iso());
        self::assertSame('2027-05-05T12:00:01.000Z', $early->after($late)->iso());
        self::assertGreaterThan($late->dated(), $late->after($late)->dated());
    }

    #[TestWith(['2024', '2024-07-01'])]
    #[TestWith([' 2024-03 ', '2024-03-15'])]
    #[TestWith(['2024-3', '2024-03-15'])]
    #[TestWith(['3/2024', '2024-03-15'])]
    #[TestWith(['03.2024', '2024-03-15'])]
    #[TestWith(['2024-03-31', '2024-03-31'])]
    #[TestWith(['2026', '2026-05-10'])]
    #[TestWith(['2026-05', '2026-05-10'])]
    #[TestWith(['1950', '1950-07-01'])]
    public function testAYearOrAMonthIsEnoughForWhatNobodyWroteDown(string $typed, string $day): void
    {
        self::assertSame($day, Moment::readApproximate($typed, Moment::read('2026-05-10T12:00:00Z'))->day());
    }

    #[TestWith([''])]
    #[TestWith(['last year'])]
    #[TestWith(['24'])]
    #[TestWith(['2024-13'])]
    #[TestWith(['2024-00'])]
    #[TestWith(['2024-02-31'])]
    #[TestWith(['13/2024'])]
    #[TestWith(['1949'])]
    #[TestWith(['2026-06'])]
    #[TestWith(['2027'])]
    public function testNoYearOrMonthThatIsNoneOrStillToCome(string $typed): void
    {
        $this->expectException(BadQuantity::class);
        Moment::readApproximate($typed, Moment::read('2026-05-10T12:00:00Z'));
    }
}
