<?php

declare(strict_types=1);

namespace Undro\Tests\Ledger;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Units\Length;

final class OnSpoolTest extends TestCase
{
    /** Backing is offered to stay until the day it has been on for three years. */
    #[DataProvider('backings')]
    public function testYoungBackingIsOfferedToStay(bool $stays, ?string ...$since): void
    {
        $backing = array_map(static fn(?string $day): Piece => new Piece(1, Length::metres(40), $day, covered: true), $since);
        $on = OnSpool::of([...$backing, new Piece(2, Length::metres(150), '2026-05-01T10:00:00Z')]);
        self::assertSame($stays, $on->keepsBacking('2026-11-28'));
    }

    /** @return iterable<string, array{bool, 1?: string|null, 2?: string}> */
    public static function backings(): iterable
    {
        yield 'three years old tomorrow' => [true, '2023-11-29T10:00:00Z'];
        yield 'three years old today' => [false, '2023-11-28T10:00:00Z'];
        yield 'of this year' => [true, '2026-01-02'];
        yield 'a year before that' => [false, '2022-12-30'];
        yield 'nobody knows' => [false, null];
        yield 'one of two is old' => [false, '2026-01-02', '2021-01-02'];
        yield 'none' => [false];
    }
}
