<?php

declare(strict_types=1);

/**
 * Made-up anglers whose spools and lines are hidden from Undro, drawn from the tolerances it states: each winds what Undro
 * plans, reads the gap it comes to within 0.3 mm, and Undro learns. Printed: how far the planned backing is from the right
 * one, and how often the right one lies inside the 90 % band; and the same where one reading in eight is a slip of the pen, 2 to 8 mm off,
 * with how many of the slips and of the good readings are set aside.
 */

use Undro\Learning\Finished;
use Undro\Learning\Learnt;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Statistics\RandomSource;
use Undro\Line\Lay;
use Undro\Spool\Measures;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

require __DIR__ . '/../vendor/autoload.php';

const ANGLERS = 5000;
const FILLS = 10;
const ASKED_AFTER = [0, 1, 3, 10];

const SLIPS = 1 / 8;

/** What became of the readings of one angler. */
final class Tally
{
    public int $good = 0;
    public int $goodAside = 0;
    public int $slips = 0;
    public int $slipsCaught = 0;
}

/**
 * One angler with two spools and a nylon and a braid, who fills one after the other.
 *
 * @return array<int, array{float, bool}> after so many fills: the error of the backing, m, and whether the band held it
 */
function angler(int $seed, int $readings, float $slips, Tally $tally): array
{
    $chance = new RandomSource($seed);
    $pen = new RandomSource(1_000_000 + $seed);
    $off = [];
    $between = static fn(float $least, float $most): float => $least + ($most - $least) * $chance->uniform();
    $spools = [];
    $room = [];
    foreach (['one', 'other'] as $name) {
        $lip = $between(40, 70);
        $measures = new Measures(
            Diameter::millimetres($lip),
            Diameter::millimetres($lip * $between(0.55, 0.72)),
            null,
            Length::millimetres($between(13, 26)),
            Tolerance::GEOMETRY_BY_CALIPER,
        );
        $spools[$name] = Spool::of($measures, [], Lay::Normal, Length::millimetres(1.5));
        $room[$name] = 1 + $spools[$name]->sd * $chance->normal();
    }
    $lines = [
        'nylon' => Line::of(Material::Mono, Diameter::millimetres($between(0.24, 0.34))),
        'braid' => Line::of(Material::Braid, Diameter::millimetres($between(0.12, 0.22))),
    ];
    $cell = array_map(static fn(Line $line): float => max(0.5, 1 + $line->cellSd * $chance->normal()), $lines);
    $gap = Length::millimetres(1.75);
    $perMetre = static fn(string $line, string $spool): float => 1000 * $lines[$line]->cell($spools[$spool]->lay)->inSquareMillimetres();
    $fills = [];
    $asked = [];
    for ($fill = 0; $fill <= FILLS; ++$fill) {
        $spool = $fill % 2 === 0 ? 'one' : 'other';
        $full = $spools[$spool]->fullVolume($gap)->inCubicMillimetres();
        $main = $between(0.2, 0.5) * $full / $perMetre('braid', $spool);
        $planned = (new Learnt($spools, $lines, $fills))->plan($spool, $gap, [['nylon', null], ['braid', Length::metres($main)]]);
        $right = ($room[$spool] * $full - $cell['braid'] * $main * $perMetre('braid', $spool))
            / ($cell['nylon'] * $perMetre('nylon', $spool));
        if (in_array($fill, ASKED_AFTER, true)) {
            $asked[$fill] = [
                abs($planned->middle->inMetres() - $right),
                abs($planned->middle->inMetres() - $right) <= $planned->half()->inMetres(),
            ];
        }
        $wound = max(1.0, $planned->middle->inMetres());
        $geometry = $spools[$spool]->geometry ?? throw new LogicException('a made-up spool has its measures');
        $taken = $cell['nylon'] * $wound * $perMetre('nylon', $spool) + $cell['braid'] * $main * $perMetre('braid', $spool);
        $depth = $geometry->depthOf($geometry->diameterHolding(Volume::cubicMillimetres($taken / $room[$spool])))->inMillimetres();
        $read = $depth + Tolerance::depthReadingMm($readings) * $chance->normal();
        $bottom = $geometry->depthOf($geometry->diameterHolding(Volume::cubicMillimetres(0)))->inMillimetres();
        $off[] = $slip = $pen->uniform() < $slips ? slip($pen, $read, $bottom) : 0.0;
        $fills[] = new Finished(
            $spool,
            [['nylon', Length::metres($wound)], ['braid', Length::metres($main)]],
            Length::millimetres($read + $slip),
            $readings,
        );
    }
    array_pop($fills); // that of the last plan is not read any more
    array_pop($off);
    $aside = (new Learnt($spools, $lines, $fills))->outliers();
    foreach ($off as $fill => $slip) {
        if ($slip === 0.0) {
            ++$tally->good;
            $tally->goodAside += in_array($fill, $aside, true) ? 1 : 0;
        } elseif (abs($slip) > 4) {
            ++$tally->slips;
            $tally->slipsCaught += in_array($fill, $aside, true) ? 1 : 0;
        }
    }

    return $asked;
}

/** A figure 2 to 8 mm off, to either side; a level over the lip or under the arbor is refused where it is typed. */
function slip(RandomSource $pen, float $read, float $bottom): float
{
    do {
        $slip = (2 + 6 * $pen->uniform()) * ($pen->uniform() < 0.5 ? -1 : 1);
    } while ($read + $slip < 0 || $read + $slip > $bottom - 0.1);

    return $slip;
}

foreach ([[1, 0.0], [3, 0.0], [1, SLIPS], [3, SLIPS]] as [$readings, $slips]) {
    $errors = [];
    $inside = [];
    $tally = new Tally();
    $begun = microtime(true);
    for ($seed = 1; $seed <= ANGLERS; ++$seed) {
        foreach (angler($seed, $readings, $slips, $tally) as $after => [$error, $held]) {
            $errors[$after][] = $error;
            $inside[$after] = ($inside[$after] ?? 0) + ($held ? 1 : 0);
        }
    }
    $said = [];
    $first = sqrt(array_sum(array_map(static fn(float $error): float => $error ** 2, $errors[0])) / ANGLERS);
    foreach (ASKED_AFTER as $after) {
        $rms = sqrt(array_sum(array_map(static fn(float $error): float => $error ** 2, $errors[$after])) / ANGLERS);
        $said[] = sprintf(
            '%d fills %.1f m (%.2f of the first), in the band %.1f %%',
            $after,
            $rms,
            $rms / $first,
            100 * $inside[$after] / ANGLERS,
        );
    }
    printf(
        "learning, %d anglers, %d reading%s a fill%s: %s; %.0f s\n",
        ANGLERS,
        $readings,
        $readings === 1 ? '' : 's',
        $slips > 0 ? ', one in eight a slip of 2 to 8 mm' : '',
        implode('; ', $said),
        microtime(true) - $begun,
    );
    $goodAside = $tally->goodAside / max(1, $tally->good);
    $caught = $tally->slips === 0 ? 1.0 : $tally->slipsCaught / $tally->slips;
    printf(
        "  good readings set aside after 10: %.2f %%%s\n",
        100 * $goodAside,
        $slips > 0 ? sprintf('; slips over 4 mm caught: %.1f %%', 100 * $caught) : '',
    );
    $least = $slips > 0 ? 0.85 : 0.87;
    printf(
        "  asked: %d to 93 %% inside the 90 %% band, under 3 %% of the good set aside, 90 %% of the slips over 4 mm caught: %s\n",
        100 * $least,
        max($inside) <= 0.93 * ANGLERS && min($inside) >= $least * ANGLERS && $goodAside < 0.03 && $caught >= 0.9 ? 'held' : 'NOT HELD',
    );
}
