<?php

declare(strict_types=1);

namespace Undro\Tests\Strip;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\Line\Material;
use Undro\Strip\BadStrip;
use Undro\Strip\Outcome;
use Undro\Strip\Remaining;
use Undro\Units\Length;

final class OutcomeTest extends TestCase
{
    public function testNothingIsLostWhateverIsDone(): void
    {
        foreach ([[[], 30, 10], [[80], 120, 25], [[40, 60], 500, 500], [[118], 0, 10]] as [$backing, $main, $worn]) {
            foreach (self::all($backing, $main, $worn) as $way) {
                self::assertEqualsWithDelta(
                    array_sum($backing) + $main,
                    $way->off->inMetres() + $way->stays()->inMetres() + $way->joinLost->inMetres(),
                    1e-9,
                    $way->removal->value,
                );
                self::assertNotSame('', $way->removal->word() . $way->removal->how());
            }
        }
    }

    public function testTurningEndForEndMovesTheMainLineAloneAndTakesOneOrThreeWindings(): void
    {
        $ways = self::all([118], 138, 40);
        foreach (['turn_over' => 3, 'grass' => 1] as $id => $passes) {
            self::assertSame($passes, $ways[$id]->passes);
            self::assertEqualsWithDelta($passes * 138, $ways[$id]->wound->inMetres(), 1e-9);
            self::assertSame([['backing', 118.0, false], ['main', 137.5, true]], self::after($ways[$id]));
            self::assertFalse($ways[$id]->wornOnTop);
        }
        self::assertSame([['backing', 118.0, false]], self::after($ways['main_off']));
        self::assertEqualsWithDelta(138, $ways['main_off']->off->inMetres(), 1e-9);
        self::assertSame([['backing', 118.0, false]], self::after($ways['to_spare']));
        // without backing there is no join to lose anything at
        self::assertSame([['main', 138.0, true]], self::after(self::all([], 138, 40)['turn_over']));
        self::assertFalse(self::all([118], 0.4, 0.1)['turn_over']->fits, 'the join takes more than there is');
    }

    public function testTheContractTellsTheMainLineByRoleElseByLine(): void
    {
        $wound = static fn(array ...$pieces): float => array_column(
            Compute::run('strip', ['pieces' => array_map(
                static fn(array $piece): array => $piece + ['material' => 'braid'],
                array_values($pieces),
            )])['ways'],
            null,
            'id',
        )['turn_over']['wound_m'];
        $backing = ['material' => 'mono', 'length_m' => 118];
        self::assertEqualsWithDelta(3 * 138, $wound($backing, ['length_m' => 100, 'line' => 'a'], ['length_m' => 38, 'line' => 'a']), 1e-9);
        self::assertEqualsWithDelta(3 * 38, $wound($backing, ['length_m' => 100, 'line' => 'b'], ['length_m' => 38, 'line' => 'a']), 1e-9);
        $two = [['length_m' => 100, 'role' => 'main'], ['length_m' => 38, 'role' => 'main']];
        self::assertEqualsWithDelta(3 * 138, $wound($backing, ...$two), 1e-9);
        self::assertEqualsWithDelta(3 * 38, $wound($backing, ['length_m' => 100], ['length_m' => 38]), 1e-9);
    }

    public function testCuttingBackStopsShortOfTheLineUnderIt(): void
    {
        self::assertTrue(self::all([80], 120, 40)['cut_back']->fits);
        self::assertFalse(self::all([160], 40, 60)['cut_back']->fits, 'that is the whole main line: then take it off');
        self::assertSame([['backing', 140.0, false]], self::after(self::all([160], 40, 60)['cut_back']));
    }

    public function testWhatIsUsuallyWornIsNeverMoreThanHalf(): void
    {
        self::assertEqualsWithDelta(25, Outcome::usuallyWorn(Material::Mono, Length::metres(200))->inMetres(), 1e-9);
        self::assertEqualsWithDelta(40, Outcome::usuallyWorn(Material::Braid, Length::metres(200))->inMetres(), 1e-9);
        self::assertEqualsWithDelta(15, Outcome::usuallyWorn(Material::Braid, Length::metres(30))->inMetres(), 1e-9);
    }

    public function testABareSpoolAndMoreThanThereIsAreRefused(): void
    {
        foreach ([[[], 0, 0], [[], 50, 60]] as [$backing, $main, $worn]) {
            try {
                self::all($backing, $main, $worn);
                self::fail('not refused');
            } catch (BadStrip $fault) {
                self::assertStringContainsString('spool', $fault->getMessage());
            }
        }
    }

    /** @return list<array{string, float, bool}> */
    private static function after(Outcome $way): array
    {
        return array_map(
            static fn(Remaining $each): array => [$each->role->value, $each->length->inMetres(), $each->reversed],
            $way->after,
        );
    }

    /**
     * @param list<float|int> $backing
     *
     * @return array<string, Outcome>
     */
    private static function all(array $backing, float $main, float $worn): array
    {
        $ways = Outcome::all(
            array_map(static fn(float|int $metres): Length => Length::metres($metres), $backing),
            Length::metres($main),
            Length::metres($worn),
        );

        return array_combine(array_map(static fn(Outcome $way): string => $way->removal->value, $ways), $ways);
    }
}
