<?php

declare(strict_types=1);

namespace Undro\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\Tests\Contract\Cases;

final class PlanTest extends TestCase
{
    public function testAMainLineOffAnotherReelSaysWhichEndLandsWhereAndWhatStays(): void
    {
        $said = static fn(array $change): array => array_column(Compute::run('plan', array_replace_recursive([
            'reel' => ['kind' => 'spinning'],
            'spool' => ['lip_diameter_mm' => 50, 'arbor_diameter_mm' => 30, 'traverse_mm' => 15],
            'main' => ['material' => 'mono', 'size' => '0.30', 'length_m' => '138 m', 'on_hand_m' => 138, 'off_reel' => true],
            'backing' => ['material' => 'mono', 'size' => '0.30'],
        ], $change))['notes'], 'text', 'id');
        $notes = $said([]);
        self::assertStringContainsString('The worn end goes to the bottom', $notes['off_reel']);
        self::assertArrayNotHasKey('off_reel_rest', $notes);
        // as much as there is room for; the rest stays where it was
        $rest = $said(['open' => 'main', 'way' => 'main_only', 'main' => ['on_hand_m' => 400]])['off_reel_rest'];
        self::assertMatchesRegularExpression('/goes on here. .* its fresh end, stays on the other reel/', $rest);
        self::assertStringContainsString('on the other reel', $said(['main' => ['length_m' => '150 m']])['short_main']);
        self::assertArrayNotHasKey('off_reel', $said(['main' => ['off_reel' => false]]));
        $steps = array_column(Compute::run('run', ['case' => [
            'reel' => ['kind' => 'spinning'],
            'spool' => ['lip_diameter_mm' => 50, 'arbor_diameter_mm' => 30, 'traverse_mm' => 15],
            'main' => ['material' => 'mono', 'size' => '0.30', 'length_m' => '100 m', 'off_reel' => true],
            'backing' => ['material' => 'mono', 'size' => '0.30'],
        ]])['steps'], null, 'id');
        self::assertSame([null, 'twist'], [$steps['place.1']['tool'], $steps['place.0']['tool']]);
        self::assertArrayNotHasKey('soak.1', $steps);
        self::assertArrayNotHasKey('slack_test.1', $steps);
    }

    public function testALineThatIsOnTheSpoolWaitsOnASpareSpoolWhileBackingGoesUnder(): void
    {
        $case = [
            'reel' => ['kind' => 'spinning'],
            'spool' => ['lip_diameter_mm' => 50, 'arbor_diameter_mm' => 30, 'traverse_mm' => 15],
            'main' => ['material' => 'mono', 'size' => '0.30', 'length_m' => '100 m', 'on_hand_m' => 100, 'parked' => true],
            'backing' => ['material' => 'mono', 'size' => '0.30'],
        ];
        $plan = Compute::run('plan', $case);
        self::assertContains('parked', array_column($plan['notes'], 'id'));
        $again = Compute::run('plan', array_replace_recursive($case, ['main' => ['length_m' => '120 m']]));
        self::assertStringContainsString('on this spool', array_column($again['notes'], 'text', 'id')['short_main']);
        $steps = array_column(Compute::run('run', ['case' => $case, 'old_line_m' => 100])['steps'], null, 'id');
        self::assertStringContainsString('Wind all 100 m onto a spare spool', $steps['strip']['do']['text']);
        self::assertStringContainsString('a spare spool with room for all of the line', $steps['check']['do']['text']);
        self::assertStringContainsString('tie the end on the spare spool to it', $steps['join.1']['do']['text']);
        // it is soft and without twist: no soak, no slack test
        self::assertSame([], array_intersect(['soak.1', 'slack_test.1'], array_keys($steps)));
        self::assertNull($steps['place.1']['tool']);
        // without anything to go under it there is nothing to wind
        $this->expectExceptionMessage('This line is on the spool already');
        Compute::run('plan', ['way' => 'main_only'] + $case);
    }

    public function testAStampAndTwoLinesAreEnoughForAFigure(): void
    {
        $plan = self::plan();
        self::assertEqualsWithDelta(89, $plan['solved']['length_m'], 1);
        self::assertNull($plan['spool']);
        self::assertNull($plan['depth_mark']);
        self::assertContains('not_to_scale', array_column($plan['notes'], 'id'));
    }

    public function testByThePrintedCapacityAloneAnUncertainFigureIsToldAsARuleOfThumb(): void
    {
        $thumb = static fn(array $change): ?array => Compute::run('plan', array_replace_recursive([
            'reel' => ['kind' => 'spinning'],
            'spool' => ['ratings_text' => '0.25/223'],
            'main' => ['material' => 'mono', 'size' => '0.30', 'length_m' => '100 m'],
            'backing' => ['material' => 'mono', 'size' => '0.30'],
        ], $change))['thumb'];
        self::assertSame(
            'The spool holds about 150 m of this main line, and you want 100 m. Put about 55 m of the backing under it, then stop by eye '
                . 'at the full level.',
            $thumb([])['says']['text'] ?? null,
        );
        // followed, it fills the spool
        $followed = Compute::run('plan', [
            'reel' => ['kind' => 'spinning'],
            'spool' => ['ratings_text' => '0.25/223'],
            'open' => 'level',
            'main' => ['material' => 'mono', 'size' => '0.30', 'length_m' => '100 m'],
            'backing' => ['material' => 'mono', 'size' => '0.30', 'length_m' => '55 m'],
        ]);
        self::assertEqualsWithDelta(1.0, $followed['fill']['filled_fraction'], 0.05);
        $open = ['open' => 'main', 'main' => ['material' => 'braid', 'size' => '30 lb', 'length_m' => null]];
        self::assertSame('The spool holds about 160 m of this line. Stop by eye at the full level.', $thumb(['way' => 'main_only'] + $open)['says']['text'] ?? null);
        self::assertStringStartsWith('Over this backing there is room for about', $thumb(['backing' => ['length_m' => '40']] + $open)['says']['text'] ?? '');
        // measured, certain enough, hardly any backing, or a main line that does not fit: no rule of thumb
        self::assertNull($thumb(['spool' => ['lip_diameter_mm' => 46, 'arbor_diameter_mm' => 28]]));
        self::assertNull($thumb(['main' => ['length_m' => '50 m']]));
        self::assertNull($thumb(['main' => ['length_m' => '153 m']]));
        self::assertNull($thumb(['main' => ['length_m' => '300 m']]));
        $plan = Compute::run('plan', ['spool' => ['ratings_text' => '0.25/223']] + Cases::usual());
        $width = 2 * $plan['half_m'] / $plan['solved']['length_m'];
        self::assertSame($width > 0.6, $plan['thumb'] !== null);
    }

    public function testAnotherLevelThanTheStampsIsSaidToBeOutOfReachWithoutTheLip(): void
    {
        $notes = static fn(string $gap): array => array_column(Compute::run('plan', [
            'spool' => ['ratings_text' => '0.25/200', 'rated_gap_mm' => '2'],
            'gap_mm' => $gap,
        ] + Cases::usual())['notes'], 'id');
        foreach (['2.04' => false, '1.96' => false, '2.06' => true, '1.94' => true] as $gap => $said) {
            self::assertSame($said, in_array('rated_gap', $notes($gap), true), $gap);
        }
    }

    public function testTwoCaliperReadingsAddDepthAndTurnsAndTheThirdNarrowsTheBand(): void
    {
        $rated = self::plan();
        $two = self::plan(spool: ['lip_diameter_mm' => 46, 'traverse_mm' => 17]);
        $three = self::plan(spool: ['lip_diameter_mm' => 46, 'traverse_mm' => 17, 'arbor_diameter_mm' => 31]);
        self::assertEqualsWithDelta($rated['solved']['length_m'], $two['solved']['length_m'], 0.001);
        self::assertArrayHasKey('handle_turns', $two['fill']['layers'][0]);
        self::assertGreaterThan(0, $two['depth_mark']['depth_mm']);
        self::assertLessThan($two['half_m'], $three['half_m']);
        // and what it would buy was said beforehand
        $promised = array_column($two['narrowings'], 'half_m', 'id')['arbor'];
        self::assertEqualsWithDelta($three['half_m'], $promised, 0.05 * $promised);
    }

    public function testTheGapFollowsTheRuleUntilTheAnglerSetsIt(): void
    {
        $spool = ['lip_diameter_mm' => 46, 'traverse_mm' => 17];
        self::assertSame(1.5, self::plan(spool: $spool)['gap']['mm']);
        self::assertSame(0.75, self::plan(spool: $spool, long_cast: true)['gap']['mm']);
        self::assertSame(1.5, self::plan(spool: $spool, long_cast: true, off: ['long_cast'])['gap']['mm']);
        $own = self::plan(spool: $spool, gap_mm: '1/8 in')['gap'];
        self::assertEqualsWithDelta(3.175, $own['mm'], 1e-9);
        self::assertTrue($own['own']);
    }

    public function testSettingTheJoinFindsBothLengths(): void
    {
        $spool = ['lip_diameter_mm' => 46, 'traverse_mm' => 17];
        $first = self::plan(spool: $spool);
        $again = self::plan(spool: $spool, join_depth_mm: $first['depth_mark']['depth_mm']);
        self::assertEqualsWithDelta(150, $again['fill']['layers'][1]['length_m'], 1e-6);
        $deeper = self::plan(spool: $spool, join_depth_mm: $first['depth_mark']['depth_mm'] + 0.5);
        self::assertGreaterThan(150, $deeper['fill']['layers'][1]['length_m']);
        self::assertLessThan($first['solved']['length_m'], $deeper['solved']['length_m']);
    }

    public function testTooMuchMainLineIsSaidWithTheMostThatFits(): void
    {
        $plan = self::plan(main: ['length_m' => 500], spool: ['lip_diameter_mm' => 46, 'traverse_mm' => 17]);
        self::assertFalse($plan['fits']);
        self::assertSame('stop', $plan['notes'][0]['weight']);
        preg_match('/There is room for (\d+) m/', $plan['notes'][0]['text'], $most);
        self::assertTrue(self::plan(main: ['length_m' => (int) $most[1]])['fits']);
        self::assertFalse(self::plan(main: ['length_m' => (int) $most[1] + 1])['fits']);
        self::assertCount(1, $plan['fill']['layers'], 'the picture shows what was asked for, overfull');
    }

    public function testABackingOfHardlyAMetreIsSaidToBeNone(): void
    {
        $most = self::plan(open: 'main', way: 'main_only')['solved']['length_m'];
        $text = static fn(float $length, mixed ...$more): ?string => array_column(
            self::plan(...['main' => ['length_m' => $length]] + $more)['notes'],
            'text',
            'id',
        )['hardly_any'] ?? null;
        self::assertStringContainsString('A little mono stops that', (string) $text($most - 1));
        self::assertStringContainsString('it needs no backing', (string) $text($most - 1, grips: true));
        self::assertNull($text(150));
    }

    public function testTooMuchLineIsSaidOfTheLayerThatIsTooLong(): void
    {
        $spool = ['lip_diameter_mm' => 46, 'traverse_mm' => 17];
        self::assertStringStartsWith(
            'There is no room for backing: the main line is',
            self::plan(main: ['length_m' => 500], spool: $spool)['notes'][0]['text'],
        );
        self::assertStringStartsWith(
            'The main line is',
            self::plan(main: ['length_m' => 500], spool: $spool, way: 'grip', open: 'level')['notes'][0]['text'],
        );
    }

    public function testThickBackingIsWarnedOf(): void
    {
        $weights = static fn(string $main, string $size): array => array_column(
            self::plan(main: ['material' => $main, 'length_m' => 50], backing: ['size' => $size])['notes'],
            'weight',
            'id',
        );
        self::assertArrayNotHasKey('thick_backing', $weights('braid', '0.22'));
        self::assertArrayHasKey('thickish_backing', $weights('braid', '0.30'));
        self::assertSame('warning', $weights('braid', '0.40')['thick_backing']);
        self::assertSame('warning', $weights('mono', '0.22')['thick_backing']);
    }

    public function testANominalThicknessIsMarkedAndWidensTheBand(): void
    {
        $label = self::plan(backing: ['size' => '0.29']);
        $nominal = self::plan(backing: ['size' => '10 lb']);
        self::assertTrue($nominal['lines']['backing']['nominal']);
        self::assertEqualsWithDelta($label['solved']['length_m'], $nominal['solved']['length_m'], 0.01);
        self::assertGreaterThan($label['half_m'], $nominal['half_m']);
        self::assertContains('wrap_test_backing', array_column($nominal['narrowings'], 'id'));
    }

    public function testAFillerThatWasWeighedPutsItsDoubtIntoThePlan(): void
    {
        $ids = static fn(float $onHand, float $half): array => array_column(
            self::plan(backing: ['on_hand_m' => $onHand, 'on_hand_half_m' => $half])['notes'],
            'text',
            'id',
        );
        ['length_m' => $length, 'high_m' => $high] = self::plan()['solved'];
        // ten metres to spare, weighed to within fifteen: nobody knows
        self::assertStringContainsString('± 15 m', $ids($length + 10, 15)['unsure_backing']);
        self::assertArrayHasKey('short_backing', $ids($length - 20, 15));
        self::assertArrayHasKey('tight_backing', $ids($high + 5, 8));
        self::assertSame([], array_filter(array_keys($ids($high + 20, 15)), static fn(string $id): bool => preg_match('/^(short|tight|unsure)_/', $id) === 1));
        // all of a filler is as long as it is known to be, and what goes under it is known no better
        $all = static fn(?float $half): array => self::plan(
            main: ['length_by' => 'all', 'length_m' => null, 'on_hand_m' => 150, 'on_hand_half_m' => $half],
        );
        self::assertSame(150.0, (float) $all(null)['fill']['layers'][1]['length_m']);
        self::assertGreaterThan($all(null)['half_m'] + 1, $all(30.0)['half_m']);
        self::assertEqualsWithDelta($all(null)['solved']['length_m'], $all(30.0)['solved']['length_m'], 1e-6);
        self::assertGreaterThan($all(15.0)['half_m'], $all(30.0)['half_m']);
        $shared = self::plan(main: ['length_by' => 'share', 'parts' => 2, 'length_m' => null, 'on_hand_m' => 300, 'on_hand_half_m' => 30]);
        self::assertEqualsWithDelta($all(15.0)['half_m'], $shared['half_m'], 1e-6);
    }

    public function testAFillerThatIsShortOrOnlyJustEnoughIsSaid(): void
    {
        $ids = static fn(float $onHand): array => array_column(self::plan(backing: ['on_hand_m' => $onHand])['notes'], 'id');
        ['length_m' => $length, 'high_m' => $high] = self::plan()['solved'];
        self::assertContains('short_backing', $ids($length - 1));
        self::assertContains('tight_backing', $ids(($length + $high) / 2));
        // enough for this one alone, not where another reel takes its part first
        $taken = self::plan(backing: ['on_hand_m' => $high + 20, 'on_hand_taken_m' => 60]);
        self::assertContains('short_backing', array_column($taken['notes'], 'id'));
        self::assertNotContains('short_backing', $ids($high + 20));
        self::assertNotContains('tight_backing', $ids($high + 1));
        self::assertNotContains('short_backing', $ids($high + 1));
        self::assertContains('short_main', array_column(self::plan(main: ['on_hand_m' => 149])['notes'], 'id'));
    }

    public function testTheOtherOpenQuestionsAgreeWithTheFirst(): void
    {
        $spool = ['lip_diameter_mm' => 46, 'traverse_mm' => 17];
        $backing = self::plan(spool: $spool)['solved']['length_m'];
        self::assertEqualsWithDelta(
            150,
            self::plan(open: 'main', spool: $spool, backing: ['length_m' => $backing])['solved']['length_m'],
            1e-6,
        );
        $level = self::plan(open: 'level', spool: $spool, backing: ['length_m' => $backing]);
        self::assertEqualsWithDelta(1.5, $level['level']['depth_mm'], 1e-6);
        self::assertNull($level['solved']);
    }

    /**
     * @param array<string, mixed> $spool
     * @param array<string, mixed> $main
     * @param array<string, mixed> $backing
     *
     * @return array<string, mixed>
     */
    private static function plan(array $spool = [], array $main = [], array $backing = [], mixed ...$more): array
    {
        return Compute::run('plan', [
            'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'gear_ratio' => 5.2],
            'spool' => $spool + ['ratings_text' => '0.25/200', 'measured_with' => 'caliper'],
            'main' => $main + ['material' => 'braid', 'size' => '0.165', 'length_m' => 150],
            'backing' => $backing + ['material' => 'mono', 'size' => '0.30'],
            ...$more,
        ]);
    }
}
