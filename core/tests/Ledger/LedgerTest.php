<?php

declare(strict_types=1);

namespace Undro\Tests\Ledger;

use PHPUnit\Framework\TestCase;
use Undro\Ledger\BadLedger;
use Undro\Ledger\Count;
use Undro\Ledger\Event;
use Undro\Ledger\EventKind;
use Undro\Ledger\How;
use Undro\Ledger\Ledger;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Tests\Property;
use Undro\Units\Length;

final class LedgerTest extends TestCase
{
    use Property;

    private const BRAID = 1;
    private const NYLON = 2;
    private int $recorded = 0;

    public function testAnEntryPutRightTwiceReplacesTheFirstForGoodAndTakingBackGivesBackOne(): void
    {
        $at = fn(string $id, ?string $corrects, EventKind $kind = EventKind::Measured): Event
            => $this->event($id, $kind, '2026-05-01', [], corrects: $corrects);
        $ids = static fn(Event ...$events): array => array_column(Ledger::standing(array_values($events)), 'id');
        [$first, $second, $third] = [$at('first', null), $at('second', 'first'), $at('third', 'second')];
        self::assertSame(['second'], $ids($first, $second));
        self::assertSame(['third'], $ids($first, $second, $third));
        self::assertSame(['second'], $ids($first, $second, $third, $back = $at('back', 'third', EventKind::Voided)));
        self::assertSame(['third'], $ids($first, $second, $third, $back, $at('again', 'back', EventKind::Voided)));
        self::assertSame(['first'], $ids($first, $second, $at('back of second', 'second', EventKind::Voided)));
    }

    public function testASpoolIsReadFromWhatWasWoundOnIt(): void
    {
        $ledger = Ledger::read($this->year());
        self::assertSame([[self::NYLON, 80.0, '2026-02-01'], [self::BRAID, 140.0, '2026-02-01']], self::pieces($ledger, self::spool(1)));
        self::assertEqualsWithDelta(150, $ledger->length(self::filler(1))->inMetres(), 1e-9);
    }

    public function testTheStateAtADateDependsOnlyOnTheEventsUpToIt(): void
    {
        $events = $this->year();
        self::assertSame(150.0, Ledger::read($events, '2026-02-15')->at(self::spool(1))[1]->length->inMetres());
        $this->forAll(self::share())->then(function (int $seed) use ($events): void {
            mt_srand($seed);
            $mixed = $events;
            usort($mixed, static fn(): int => mt_rand(-1, 1));
            self::assertEquals(self::sorted(Ledger::read($events)), self::sorted(Ledger::read($mixed)));
        });
    }

    public function testEventByEventComesToTheSameAsAllAtOnceAndACacheKeepsIt(): void
    {
        $events = $this->year();
        $step = Ledger::read([]);
        foreach ($events as $event) {
            $step = Ledger::restore($step->state())->with($event);
            self::assertNotNull($step);
        }
        self::assertEquals(self::sorted(Ledger::read($events)), self::sorted($step));
        self::assertNull(
            $step->with($this->event('early', EventKind::Bought, '2020-01-01', [])),
            'what happened before needs all of them again',
        );
        self::assertNull($step->with($this->event('back', EventKind::Voided, '2030-01-01', [], corrects: $events[0]->id)));
    }

    public function testWindingOntoAnotherSpoolTurnsTheOrderOver(): void
    {
        $events = [
            ...$this->year(),
            $this->event('e9', EventKind::Moved, '2026-05-01', [self::move(self::spool(1), self::spool(2), 220, self::BRAID)]),
        ];
        $ledger = Ledger::read($events);
        self::assertSame([[self::BRAID, 140.0, '2026-02-01'], [self::NYLON, 80.0, '2026-02-01']], self::pieces($ledger, self::spool(2)));
        self::assertSame([], $ledger->at(self::spool(1)));
    }

    public function testNothingIsLostOnTheWay(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $a, int $b): void {
            $cut = self::between(1, 139, $a);
            $move = self::between(1, 220 - $cut, $b);
            $ledger = Ledger::read([
                ...$this->year(),
                $this->event(
                    'c',
                    EventKind::CutBack,
                    '2026-06-01',
                    [self::move(self::spool(1), self::place(PlaceKind::Carrier, 1), $cut, self::BRAID)],
                ),
                $this->event('m', EventKind::Moved, '2026-06-02', [self::move(self::spool(1), self::spool(2), $move, self::BRAID)]),
            ]);
            $total = array_sum(
                array_map(
                    static fn(Place $place): float => $ledger->length($place)->inMetres(),
                    [self::spool(1), self::spool(2), self::place(PlaceKind::Carrier, 1)],
                ),
            );
            self::assertEqualsWithDelta(220, $total, 1e-6);
        });
    }

    public function testVoidingTakesAnEventBackAndVoidingThatBringsItAgain(): void
    {
        $events = $this->year();
        $undo = new Event('undo', EventKind::Voided, '2026-03-02', 100, [], [], 'cut');
        $redo = new Event('redo', EventKind::Voided, '2026-03-03', 101, [], [], 'undo');
        self::assertSame(150.0, Ledger::read([...$events, $undo])->at(self::spool(1))[1]->length->inMetres());
        self::assertSame(140.0, Ledger::read([...$events, $undo, $redo])->at(self::spool(1))[1]->length->inMetres());
    }

    public function testACorrectionReplacesAnEventAndAllThatFollowsIsReadAgain(): void
    {
        $correction = new Event(
            'fix',
            EventKind::CutBack,
            '2026-03-01',
            100,
            [self::move(self::spool(1), self::place(PlaceKind::Waste), 25, self::BRAID)],
            [],
            'cut',
        );
        self::assertSame(125.0, Ledger::read([...$this->year(), $correction])->at(self::spool(1))[1]->length->inMetres());
    }

    public function testAStockTakeOverrulesTheRecord(): void
    {
        $count = fn(float $metres): Event => new Event(
            'count',
            EventKind::StockTake,
            '2026-04-01',
            100,
            [],
            [new Count(self::filler(1), Length::metres($metres), self::BRAID)],
        );
        foreach ([0.0, 120.0, 180.0] as $metres) {
            self::assertEqualsWithDelta(
                $metres,
                Ledger::read([...$this->year(), $count($metres)])->length(self::filler(1))->inMetres(),
                1e-9,
            );
        }
    }

    public function testWhatWasWeighedIsKnownNoBetterUntilItIsCountedOrEmpty(): void
    {
        $filler = Place::of(PlaceKind::Filler, 1);
        $weighed = new Count($filler, Length::metres(80), 1, Length::metres(12));
        $off = static fn(float $metres): Move => Move::of($filler, Place::of(PlaceKind::Spool, 1), Length::metres($metres), 1);
        $events = [self::wound(1, [Move::of(Place::of(PlaceKind::Shop), $filler, Length::metres(80), 1)], [$weighed])];
        self::assertEqualsWithDelta(12.0, Ledger::read($events)->half($filler)?->inMetres(), 1e-9);
        // what is counted off leaves the rest known as it was, also when it is read from the cache
        $events[] = self::wound(2, [$off(50)]);
        $ledger = Ledger::read($events);
        self::assertEqualsWithDelta([30.0, 12.0], [$ledger->length($filler)->inMetres(), $ledger->half($filler)?->inMetres()], 1e-9);
        self::assertEqualsWithDelta(12.0, Ledger::restore($ledger->state())->half($filler)?->inMetres(), 1e-9);
        // counted exactly, or empty, there is no doubt left
        self::assertNull(Ledger::read([...$events, self::wound(3, [], [new Count($filler, Length::metres(28), 1)])])->half($filler));
        self::assertNull(Ledger::read([...$events, self::wound(3, [$off(30)])])->half($filler));
    }

    public function testWhatWasWoundIsKnownAsWellWhereverItLiesAndTheFillerNoBetter(): void
    {
        [$filler, $spool, $spare] = [Place::of(PlaceKind::Filler, 1), Place::of(PlaceKind::Spool, 1), Place::of(PlaceKind::Spool, 2)];
        $move = static fn(Place $from, Place $to, float $metres, ?float $half = null, How ...$known): Move => Move::of(
            $from,
            $to,
            Length::metres($metres),
            1,
            $half === null ? null : Length::metres($half),
            array_values($known),
        );
        $events = [
            self::wound(1, [$move(Place::of(PlaceKind::Shop), $filler, 300)], [new Count($filler, Length::metres(280), 1, Length::metres(12))]),
            self::wound(2, [$move($filler, $spool, 53, 5, How::Counted)]),
        ];
        $ledger = Ledger::read($events);
        self::assertEqualsWithDelta([53.0, 5.0], [$ledger->length($spool)->inMetres(), $ledger->half($spool)?->inMetres()], 1e-9);
        self::assertSame([How::Counted], $ledger->at($spool)[0]->known);
        self::assertEqualsWithDelta([227.0, 13.0], [$ledger->length($filler)->inMetres(), $ledger->half($filler)?->inMetres()], 1e-9);
        // a second stretch that goes on in the first, a cut of a known length, and all of it onto another spool
        $later = Ledger::read([
            ...$events,
            self::wound(3, [$move($filler, $spool, 40, 12, How::Said)]),
            self::wound(4, [$move($spool, Place::of(PlaceKind::Waste), 10)]),
            self::wound(5, [$move($spool, $spare, 83)]),
        ]);
        self::assertNull($later->half($spool));
        self::assertEqualsWithDelta([83.0, 13.0], [$later->length($spare)->inMetres(), $later->half($spare)?->inMetres()], 1e-9);
        self::assertEquals($later->at($spare), Ledger::restore($later->state())->at($spare), 'a cache keeps it');
        self::assertEqualsWithDelta(70.0, $later->sure($spare)->inMetres(), 1e-9);
    }

    public function testMoreThanThereIsCannotComeOff(): void
    {
        $this->expectException(BadLedger::class);
        $this->expectExceptionMessage('The spool has 220 m, so you can’t take 221 m off it');
        Ledger::read(
            [
                ...$this->year(),
                $this->event(
                    'x',
                    EventKind::Lost,
                    '2026-04-01',
                    [self::move(self::spool(1), self::place(PlaceKind::Water), 221, self::BRAID)],
                ),
            ],
        );
    }

    public function testAFillerHoldsOneKindOfLine(): void
    {
        $this->expectException(BadLedger::class);
        $this->expectExceptionMessage('one kind of line');
        Ledger::read(
            [
                ...$this->year(),
                $this->event('x', EventKind::Moved, '2026-04-01', [self::move(self::spool(1), self::filler(2), 10, self::BRAID)]),
            ],
        );
    }

    public function testACorrectionOfNothingIsRefused(): void
    {
        $this->expectExceptionMessage('no earlier entry "ghost"');
        Ledger::read([new Event('a', EventKind::Voided, '2026-01-01', 1, [], [], 'ghost')]);
    }

    /** @return list<Event> bought, wound, cut back */
    private function year(): array
    {
        return [
            $this->event(
                'b1',
                EventKind::Bought,
                '2026-01-01',
                [self::move(self::place(PlaceKind::Shop), self::filler(1), 300, self::BRAID)],
            ),
            $this->event(
                'b2',
                EventKind::Bought,
                '2026-01-01',
                [self::move(self::place(PlaceKind::Shop), self::filler(2), 500, self::NYLON)],
            ),
            $this->event(
                'w',
                EventKind::Wound,
                '2026-02-01',
                [
                    self::move(self::filler(2), self::spool(1), 80, self::NYLON),
                    self::move(self::filler(1), self::spool(1), 150, self::BRAID),
                ],
            ),
            $this->event(
                'cut',
                EventKind::CutBack,
                '2026-03-01',
                [self::move(self::spool(1), self::place(PlaceKind::Waste), 10, self::BRAID)],
            ),
        ];
    }

    /** @param list<Move> $moves */
    /** @return array<string, mixed> */
    private static function sorted(Ledger $ledger): array
    {
        $pieces = array_filter($ledger->state()['pieces']);
        ksort($pieces);

        return $pieces;
    }

    /** @param list<Move> $moves */
    private function event(string $id, EventKind $kind, string $when, array $moves, ?string $corrects = null): Event
    {
        return new Event($id, $kind, $when, ++$this->recorded, $moves, corrects: $corrects);
    }

    /** @return list<array{int, float, string|null}> */
    private static function pieces(Ledger $ledger, Place $place): array
    {
        return array_map(static fn($piece): array => [$piece->product, $piece->length->inMetres(), $piece->since], $ledger->at($place));
    }

    private static function move(Place $from, Place $to, float $metres, int $product): Move
    {
        return Move::of($from, $to, Length::metres($metres), $product);
    }

    private static function place(PlaceKind $kind, int $id = 0): Place
    {
        return Place::of($kind, $id);
    }

    private static function spool(int $id): Place
    {
        return Place::of(PlaceKind::Spool, $id);
    }

    private static function filler(int $id): Place
    {
        return Place::of(PlaceKind::Filler, $id);
    }

    /**
     * @param list<Move>  $moves
     * @param list<Count> $counts
     */
    private static function wound(int $day, array $moves, array $counts = []): Event
    {
        return new Event("e$day", EventKind::Wound, sprintf('2026-03-%02dT10:00:00Z', $day), $day, $moves, $counts);
    }
}
