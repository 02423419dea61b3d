<?php

declare(strict_types=1);

namespace Undro\Tests\Drag;

use PHPUnit\Framework\TestCase;
use Undro\Drag\BadDrag;
use Undro\Drag\Chain;
use Undro\Drag\Link;
use Undro\Drag\LinkKind;
use Undro\Units\Force;

/** What people get the wrong way round in a chain. */
final class ChainTest extends TestCase
{
    public function testAStrongerLeaderChangesNothingWhereSomethingElseGivesFirst(): void
    {
        $says = self::says(
            self::link(LinkKind::Main, 100),
            self::link(LinkKind::Join, 60, 0.8),
            self::link(LinkKind::Leader, 90),
            self::link(LinkKind::Terminal, 90, 0.9),
        );
        self::assertStringContainsString('A stronger leader changes nothing: the join gives way first', $says);
        self::assertStringContainsString('A better join gains up to', $says);
        self::assertStringContainsString('loses the whole leader', $says);
    }

    public function testAMainLineThatIsTheWeakestBreaksAnywhere(): void
    {
        $says = self::says(self::link(LinkKind::Main, 40), self::link(LinkKind::Join, 60), self::link(LinkKind::Leader, 60));
        self::assertStringContainsString('a snag breaks it anywhere', $says);
        self::assertStringNotContainsString('are not there to be used', $says);
    }

    public function testAStoutMainLineIsNotThereToBeUsed(): void
    {
        self::assertStringContainsString(
            'all of it hangs on the leader',
            self::says(self::link(LinkKind::Main, 100), self::link(LinkKind::Join, 60), self::link(LinkKind::Leader, 50)),
        );
    }

    public function testTheLowEndOfAKnotsRangeCountsUntilItIsTested(): void
    {
        $links = [
            self::link(LinkKind::Main, 100),
            Link::of('join', Force::newtons(60), 0.75, 1.0, 0.95, LinkKind::Join),
            self::link(LinkKind::Leader, 50),
        ];
        self::assertSame('join', Chain::of($links)->weakest->name);
        self::assertStringContainsString('the weakest would be the leader', self::says(...$links));
        $tested = [$links[0], Link::of('join', Force::newtons(60), 0.9, 1.0, 0.9, LinkKind::Join), $links[2]];
        self::assertStringNotContainsString('Untested', self::says(...$tested));
    }

    public function testOneLinkAloneSurprisesNobody(): void
    {
        self::assertSame('', self::says(self::link(LinkKind::Main, 40)));
    }

    public function testARangeTheWrongWayRoundIsRefused(): void
    {
        $this->expectException(BadDrag::class);
        Link::of('join', Force::newtons(10), 0.9, 1.0, 0.8);
    }

    private static function link(LinkKind $kind, float $newtons, float $efficiency = 1.0): Link
    {
        return Link::of($kind->value === 'main' ? 'main line' : $kind->value, Force::newtons($newtons), $efficiency, kind: $kind);
    }

    private static function says(Link ...$links): string
    {
        return implode(' ', array_map(static fn($each): string => $each->text(), Chain::of(array_values($links))->surprises()));
    }
}
