<?php

declare(strict_types=1);

namespace Undro\Tests\Trouble;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\Spool\ReelKind;
use Undro\Trouble\Sign;

/** What is known of the spool decides what comes first; what cannot be is left out. */
final class TroubleTest extends TestCase
{
    private const BRAID = ['material' => 'braid', 'diameter_mm' => 0.14];
    private const NYLON = ['material' => 'mono', 'diameter_mm' => 0.3];

    public function testEverySignHasCausesInTheHandbooksOrderAndSomethingToDoAboutEach(): void
    {
        foreach (Sign::cases() as $sign) {
            $causes = self::causes($sign->value, []);
            self::assertSame(array_map(static fn($cause): string => $cause->value, $sign->causes()), array_column($causes, 'id'));
            foreach ($causes as $cause) {
                self::assertSame([0, null], [$cause['speaks'], $cause['because']], 'nothing is known');
                self::assertNotSame('', $cause['do']);
                self::assertNotSame('', $cause['action']['words']);
            }
        }
        self::assertSame(array_column(Sign::cases(), 'value'), array_column(Compute::run('trouble', [])['signs'], 'id'));
    }

    public function testWhatIsKnownComesFirstAndSaysWhy(): void
    {
        foreach ([
            ['wind_knots', ['level_mm' => 0.6, 'wanted_mm' => 1.8], 'overfilled'],
            ['short_casts', ['level_mm' => 5.2, 'wanted_mm' => 1.8], 'low'],
            ['loops', ['feed' => 'over_end', 'matched' => false], 'against_rotor'],
            ['loops', ['feed' => 'over_end', 'slack' => 'loops'], 'against_rotor'],
            ['fill_turns', ['main' => self::BRAID], 'bare_arbor'],
            ['fill_turns', ['main' => self::BRAID, 'backing' => self::NYLON + ['length_m' => 2]], 'short_grip'],
            ['digs_in', ['main' => self::BRAID, 'backing' => self::NYLON], 'thick_under'],
            ['hump', ['reel' => 'spinning', 'lay' => 'coarse'], 'reel_lay'],
            ['jerks', ['sticky' => true], 'washers'],
            ['feels', ['found' => 'faded'], 'worn'],
            ['feels', ['found' => 'nicked'], 'nick'],
            ['breaks', ['found' => 'nicked'], 'nick'],
            ['breaks', ['rises' => true], 'drag_rose'],
        ] as [$sign, $known, $first]) {
            $causes = self::causes($sign, $known);
            self::assertSame([$first, 1], [$causes[0]['id'], $causes[0]['speaks']], $sign . json_encode($known));
            self::assertNotNull($causes[0]['because']);
        }
    }

    public function testWhatIsKnownNotToBeComesLast(): void
    {
        foreach ([
            ['wind_knots', ['level_mm' => 3.5, 'wanted_mm' => 1.8], 'overfilled'],
            ['loops', ['matched' => true, 'feed' => 'over_end'], 'against_rotor'],
            ['wind_knots', ['matched' => true, 'feed' => 'over_end'], 'twist'],
            ['loops', ['feed' => 'rotating'], 'against_rotor'],
            ['fill_turns', ['main' => self::BRAID, 'grips' => true], 'bare_arbor'],
            ['jerks', ['sticky' => false], 'washers'],
            ['feels', ['worn' => 0.1], 'worn'],
        ] as [$sign, $known, $last]) {
            $causes = self::causes($sign, $known);
            $end = $causes[count($causes) - 1];
            self::assertSame([$last, -1], [$end['id'], $end['speaks']], $sign);
        }
    }

    public function testWhatSuchAReelOrLineCannotHaveIsLeftOut(): void
    {
        $ids = static fn(string $sign, array $known): array => array_column(self::causes($sign, $known), 'id');
        self::assertNotContains('bail_by_handle', $ids('loops', ['reel' => 'baitcasting']));
        self::assertNotContains('memory', $ids('loops', ['main' => self::BRAID]));
        self::assertNotContains('rough_lay', $ids('wind_knots', ['main' => self::NYLON]));
        self::assertNotContains('level_wind', $ids('hump', ['reel' => 'spinning']));
        self::assertNotContains('reel_lay', $ids('hump', ['reel' => 'baitcasting']));
        self::assertNotContains('short_grip', $ids('fill_turns', ['main' => self::BRAID]));
        foreach ([
            ['loops', 'slipping_drag', ['spinning', 'spincast']],
            ['breaks', 'line_roller', ['spinning']],
            ['short_casts', 'brakes_tight', ['baitcasting']],
            ['digs_in', 'thin_braid', ['baitcasting']],
        ] as [$sign, $cause, $reels]) {
            foreach (ReelKind::cases() as $reel) {
                self::assertSame(
                    in_array($reel->value, $reels, true),
                    in_array($cause, $ids($sign, ['reel' => $reel->value]), true),
                    "$cause on $reel->value",
                );
            }
        }
        self::assertNotContains('thin_braid', $ids('digs_in', ['reel' => 'baitcasting', 'main' => self::NYLON]));
        self::assertNotContains('cold_line', $ids('short_casts', ['main' => self::BRAID]));
    }

    public function testEachReelShowsOnlyItsOwnSignsAndEachOfThemHasACause(): void
    {
        foreach (ReelKind::cases() as $reel) {
            $signs = array_column(Compute::run('trouble', ['known' => ['reel' => $reel->value]])['signs'], 'id');
            self::assertSame($reel === ReelKind::Baitcasting, in_array('backlash', $signs, true));
            self::assertSame($reel !== ReelKind::Baitcasting, in_array('wind_knots', $signs, true));
            foreach ($signs as $sign) {
                foreach ([self::BRAID, self::NYLON] as $main) {
                    self::assertNotSame([], self::causes($sign, ['reel' => $reel->value, 'main' => $main]), "$sign on $reel->value");
                }
            }
        }
    }

    public function testALureIsTheFirstCauseOfLoopsAfterATripAndNoneAtTheBench(): void
    {
        foreach (ReelKind::cases() as $reel) {
            $known = ['reel' => $reel->value, 'main' => self::NYLON];
            self::assertSame('spinning_lure', self::causes('loops', $known)[0]['id']);
            self::assertNotContains('spinning_lure', array_column(self::causes('loops', $known + ['at_bench' => true]), 'id'));
        }
    }

    public function testABacklashIsPickedOutByHandBeforeAnythingElse(): void
    {
        self::assertSame('Pick the loops out by hand. Don’t reel over them.', Compute::run('trouble', ['seen' => 'backlash', 'known' => []])['at_once']);
        self::assertNull(Compute::run('trouble', ['seen' => 'loops', 'known' => []])['at_once']);
    }

    public function testASlightlyLowBaitcasterIsLeftAloneAndALowSpinningReelIsNot(): void
    {
        $level = ['level_mm' => 4.6, 'wanted_mm' => 1.6];
        $low = static fn(string $reel): array => array_values(array_filter(
            self::causes('short_casts', ['reel' => $reel] + $level),
            static fn(array $cause): bool => $cause['id'] === 'low',
        ))[0];
        self::assertSame([1, 'Measure the line level now and top it up.'], [$low('spinning')['speaks'], $low('spinning')['do']]);
        self::assertSame(0, $low('baitcasting')['speaks']);
        self::assertStringContainsString('casts light lures better', $low('baitcasting')['do']);
    }

    public function testWhatToDoAboutWornLineDependsOnTheLine(): void
    {
        self::assertStringContainsString('replace it', self::causes('feels', ['main' => self::NYLON])[0]['do']);
        self::assertStringContainsString('lost its dye', self::causes('feels', ['main' => self::BRAID])[0]['do']);
    }

    /**
     * @param array<string, mixed> $known
     *
     * @return list<array<string, mixed>>
     */
    private static function causes(string $seen, array $known): array
    {
        return Compute::run('trouble', ['seen' => $seen, 'known' => $known])['causes'];
    }
}
