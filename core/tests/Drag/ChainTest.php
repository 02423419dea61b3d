<?php

declare(strict_types=1);

namespace Undro\Tests\Drag;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\Drag\BadDrag;
use Undro\Drag\Chain;
use Undro\Drag\Link;
use Undro\Drag\LinkKind;
use Undro\Input\Input;
use Undro\Json\ChainInput;
use Undro\Tests\Property;
use Undro\Units\Force;

/** What people get the wrong way round in a chain. */
final class ChainTest extends TestCase
{
    use Property;

    /** A share of the label is more of the weakest link, the weaker that is; over 40 % of it is asked about. */
    public function testAShareOfTheLabelIsToldAsWhatItIsOfTheWeakestLink(): void
    {
        $drag = static fn(string $leader, string $school): array => Compute::run('drag', [
            'chain' => ['main_N' => '100', 'main_condition' => 0.9, 'leader_N' => $leader], 'fishing' => 'general', 'schools' => ['drag' => $school], 'layers' => [],
        ]);
        foreach (['label_0.30' => 0.30, 'label_0.35' => 0.35] as $school => $share) {
            foreach (['', '90', '60', '30'] as $leader) {
                $set = $drag($leader, $school);
                self::assertEqualsWithDelta(min(100 * $share, $set['weakest_N']), $set['target_N'], 1e-9);
                self::assertEqualsWithDelta($set['target_N'] / $set['weakest_N'], $set['fraction'], 1e-9);
                self::assertSame($set['fraction'] > 0.40, $set['ask_again']);
                self::assertSame(['habit', $share], [$set['fraction_from'], $set['label_share']]);
            }
        }
        self::assertNull($drag('90', '0.30')['label_share']);
        $own = Compute::run('drag', ['chain' => ['main_N' => '100'], 'fraction' => 0.2, 'schools' => ['drag' => 'label_0.35'], 'layers' => []]);
        self::assertSame(['own', null], [$own['fraction_from'], $own['label_share']]);
    }

    public function testAStrongerLeaderChangesNothingWhereSomethingElseGivesFirst(): void
    {
        $says = self::says(
            self::link(LinkKind::Main, 60),
            self::link(LinkKind::Join, 60, 0.8),
            self::link(LinkKind::Leader, 90),
            self::link(LinkKind::Terminal, 90, 0.9),
        );
        self::assertStringContainsString('A stronger leader gains nothing: the join breaks first', $says);
        self::assertStringContainsString('A better joining knot would hold up to 1.2 kg', $says);
        self::assertStringContainsString('loses the whole leader', $says);
    }

    public function testWhatAStrongerOrLighterLeaderChangesIsWhatTheChainWithItComesTo(): void
    {
        $this->forAll(self::share(), self::share(), self::share())->then(function (int $a, int $b, int $c): void {
            $typed = [
                'main_N' => round(self::between(20, 120, $a)),
                'main_condition' => [1.0, 0.9, 0.8][$b % 3],
                'leader_N' => round(self::between(20, 120, $b)),
                'join' => ['double_uni', 'fg', 'albright'][$c % 3],
                'terminal_tested' => ['', '75 %', '92 %'][$a % 3],
            ];
            $weakest = static fn(array $change): float => Chain::of(ChainInput::links(Input::of($change + $typed)))->weakest->working()->inNewtons();
            $says = self::says(...ChainInput::links(Input::of($typed)));
            $gain = $weakest(['leader_N' => 1.5 * $typed['leader_N']]) - $weakest([]);
            if ($gain < 0.009 * $weakest([])) {
                self::assertStringContainsString('A stronger leader gains nothing', $says);
            }
            if (preg_match('/the weakest link would hold ([\d.]+) kg more/', $says, $found) === 1) {
                self::assertEqualsWithDelta($gain / 9.80665, (float) $found[1], 0.051);
            }
            if (preg_match('/A leader rated ([\d.]+) kg would break at the hook/', $says, $found) === 1) {
                $ends = ChainInput::links(Input::of(['leader_N' => $found[1] . ' kg'] + $typed));
                self::assertContains(Chain::of($ends)->weakest->name, ['leader', 'hook knot'], $says);
            }
        });
    }

    public function testLinksThatAreAsWeakAsEachOtherAreNamedTogether(): void
    {
        $tie = self::says(self::link(LinkKind::Main, 100), self::link(LinkKind::Leader, 50), self::link(LinkKind::Terminal, 55, 0.92));
        self::assertStringContainsString('The leader and the terminal hold about the same', $tie);
        self::assertStringNotContainsString('A better', $tie, 'a better knot alone gains nothing');
    }

    public function testAMainLineThatIsTheWeakestBreaksAnywhere(): void
    {
        $says = self::says(self::link(LinkKind::Main, 40), self::link(LinkKind::Join, 60), self::link(LinkKind::Leader, 60));
        self::assertStringContainsString('A snag can break it anywhere', $says);
        self::assertStringNotContainsString('Your main line holds', $says);
    }

    public function testAStoutMainLineIsNotThereToBeUsed(): void
    {
        self::assertStringContainsString(
            'but the leader breaks at',
            self::says(self::link(LinkKind::Main, 100), self::link(LinkKind::Join, 60), self::link(LinkKind::Leader, 50)),
        );
    }

    public function testAMainLineIsCalledTooStrongFromNearlyAThirdOverTheWeakestOn(): void
    {
        $says = static fn(float $main): string => self::says(
            self::link(LinkKind::Main, $main),
            self::link(LinkKind::Join, 60),
            self::link(LinkKind::Leader, 50),
        );
        self::assertStringNotContainsString('Your main line holds', $says(64));
        self::assertStringContainsString('Your main line holds', $says(66));
    }

    public function testTheLowEndOfAKnotsRangeCountsUntilItIsTested(): void
    {
        $links = [
            self::link(LinkKind::Main, 100),
            Link::of('join', Force::newtons(60), 0.75, 1.0, 0.95, LinkKind::Join),
            self::link(LinkKind::Leader, 50),
        ];
        self::assertSame('join', Chain::of($links)->weakest->name);
        self::assertStringContainsString('the weakest link would be the leader', self::says(...$links));
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
