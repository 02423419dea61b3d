<?php

declare(strict_types=1);

namespace Undro\Tests\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestDox;
use PHPUnit\Framework\TestCase;
use Undro\Ledger\Piece;
use Undro\Line\OuterEnd;
use Undro\Units\Length;

#[TestDox('The outer end')]
final class OuterEndTest extends TestCase
{
    /**
     * @param list<float> $pieces m, from the arbor out
     * @param list<float> $off    m, of each
     */
    #[DataProvider('ends')]
    public function testComesOffTheOutermostFirst(array $pieces, float $gone, array $off): void
    {
        $lengths = array_map(Length::metres(...), $pieces);
        self::assertEqualsWithDelta(
            $off,
            array_map(static fn(Length $each): float => $each->inMetres(), OuterEnd::off($lengths, Length::metres($gone))),
            1e-9,
        );
    }

    /** @return iterable<string, array{list<float>, float, list<float>}> */
    public static function ends(): iterable
    {
        yield 'nothing' => [[100.0, 20.0], 0.0, [0.0, 0.0]];
        yield 'a part of the outermost' => [[100.0, 20.0], 5.0, [0.0, 5.0]];
        yield 'just the outermost, but for a rounding' => [[100.0, 20.0], 19.9999999, [0.0, 20.0]];
        yield 'on into what lies under it' => [[100.0, 30.0, 20.0], 60.0, [10.0, 30.0, 20.0]];
        yield 'more than there is' => [[100.0, 20.0], 500.0, [100.0, 20.0]];
        yield 'of no line' => [[], 5.0, []];
    }

    /** @param list<float> $pieces m, from the arbor out */
    #[DataProvider('ends')]
    public function testPartsLineSoThatNoneIsLost(array $pieces, float $gone): void
    {
        $all = array_map(static fn(float $metres, int $line): Piece => new Piece($line, Length::metres($metres)), $pieces, array_keys($pieces));
        [$stays, $off] = Piece::parted($all, Length::metres($gone));

        self::assertEqualsWithDelta(
            Piece::total($all)->inMetres(),
            Piece::total($stays)->inMetres() + Piece::total($off)->inMetres(),
            1e-9,
        );
        self::assertEqualsWithDelta(min($gone, Piece::total($all)->inMetres()), Piece::total($off)->inMetres(), 1e-6);
        $from = array_map(static fn(Piece $piece): int => $piece->product, $off);
        rsort($from);
        self::assertSame($from, array_map(static fn(Piece $piece): int => $piece->product, $off), 'outermost first');
    }
}
