<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\FilledLayer;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Practice\SimulatedReel;
use Undro\Run\Stretch;
use Undro\Run\Tension;
use Undro\Spool\Geometry;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Statistics\RandomSource;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;
use Undro\Units\Volume;

/**
 * Backing wound to its depth mark with nothing that counts: how much goes on is judged by the hand and the eye, and read by calipers. Neither
 * the room nor the lines are what is printed. Source: handbook, chapter 2, the depth mark.
 */
final class StopAtTheMark extends Lesson
{
    /** Turns that a hand means, and how far off it is, one sd. Ours. */
    private const TURNS = ['while' => 60.0, 'bit' => 15.0, 'few' => 3.0, 'loose' => 60.0, 'back' => -3.0];
    private const HAND = 0.10;
    /** Undro gives up after so many moves. */
    private const PATIENCE = 80;
    /** Of the planned turns, so many are short of the mark however the line lies. */
    private const SURELY_SHORT = 0.65;
    /** Nearer than this three readings cannot tell, mm. */
    private const NEAR_MM = 0.2;

    /** @var list<Stretch> */
    private array $stretches = [];
    /** @var list<float> mm, since line went on or off last */
    private array $read = [];
    private ?float $blade = null;
    private bool $everRead = false;
    /** @var array{list<Length>, Diameter|null}|null what lies there, until that changes */
    private ?array $wound = null;

    private function __construct(
        private readonly int $seed,
        private readonly Spool $spool,
        private readonly Geometry $geometry,
        private readonly Fill $plan,
        private readonly Length $mark,
        private readonly SimulatedReel $reel,
    ) {}

    public static function of(int $seed, array $moves): self
    {
        $chance = new RandomSource($seed);
        $spool = Made::spool(ReelKind::Spinning, $chance);
        $geometry = $spool->geometry ?? throw new \LogicException('a practice spool has a shape');
        $thin = $chance->uniform() < 0.5;
        $backing = $thin ? Line::of(Material::Braid, Diameter::millimetres(0.22)) : Line::of(Material::Mono, Diameter::millimetres(0.30));
        $main = Line::of(Material::Braid, Diameter::millimetres(0.18));
        // so much main line that it takes a half to two thirds of the room
        $room = $spool->fullVolume(Length::millimetres(Made::GAP_MM))->inCubicMillimetres();
        $metres = round((0.5 + 0.17 * $chance->uniform()) * $room / 1000 / $main->cell($spool->lay)->inSquareMillimetres() / 10) * 10;
        $plan = FillCalculator::solve($spool, Length::millimetres(Made::GAP_MM), [
            Layer::open(Role::Backing, $backing),
            Layer::of(Role::Main, $main, Length::metres($metres)),
        ], Made::GEAR_RATIO);
        $reel = SimulatedReel::drawn($seed, $spool, array_map(static fn(FilledLayer $each): Layer => $each->layer, $plan->layers));
        $lesson = new self($seed, $spool, $geometry, $plan, $plan->layers[0]->depth ?? throw new \LogicException('it has a mark'), $reel);
        return $lesson->played($moves);
    }

    public function asUndro(): array
    {
        $moves = [];
        $planned = self::of($this->seed, [])->plan->layers[0]->handleTurns ?? 0.0;
        // by what is printed, well short of the mark; then by the calipers
        $left = self::SURELY_SHORT * $planned;
        while (count($moves) < self::PATIENCE) {
            $way = $left < 0 ? 'back' : ($left > self::TURNS['while'] * 1.2 ? 'while' : ($left > self::TURNS['bit'] * 1.2 ? 'bit' : 'few'));
            for ($turns = abs($left); $turns >= 0.75 * abs(self::TURNS[$way]); $turns -= abs(self::TURNS[$way])) {
                $moves[] = new Move($way);
            }
            $moves = [...$moves, ...array_fill(0, Made::READINGS, new Move('read'))];
            $there = self::of($this->seed, $moves);
            $depth = array_sum($there->read) / count($there->read);
            $left = $there->turnsTo($depth);
            if (abs($left) < 0.75 * self::TURNS['few'] || abs($depth - $there->mark->inMillimetres()) <= self::NEAR_MM) {
                break;
            }
        }

        return $moves;
    }

    public function given(): array
    {
        [$backing, $main] = $this->plan->layers;

        return [
            Sentence::of(
                'Backing of ' . $backing->layer->line->material->word() . ', {0}, goes under {1} of braid. About {2} should be enough, '
                    . 'but printed figures are never exact.',
                $backing->layer->line->diameter,
                $main->length,
                $backing->length,
            ),
            Sentence::of('Stop when its surface is {0} below the lip. You have no line counter.', $this->mark),
        ];
    }

    public function can(): array
    {
        return array_values(array_filter([
            new Choice('while', 'Wind a lot'),
            new Choice('bit', 'Wind some'),
            new Choice('few', 'Wind a few turns'),
            $this->stretches === [] ? null : new Choice('read', 'Take one reading'),
            $this->stretches === [] ? null : new Choice('back', 'Wind a few turns back onto the filler spool'),
            new Choice('loose', 'Wind a lot, loosely', careless: true),
        ]));
    }

    public function scene(): Scene
    {
        $backing = $this->plan->layers[0]->layer->line;

        return new Scene(
            spool: [
                'spool' => $this->spool,
                'kind' => ReelKind::Spinning,
                'lip' => LipShape::Straight,
                'bevel' => null,
                'line' => $backing,
                'role' => Role::Backing,
                'surface' => $this->surface(),
                'mark' => $this->mark,
                'blade' => $this->blade === null ? null : Length::millimetres($this->blade),
            ],
            slack: $this->looseTurns() > 0 ? ['loops' => 0, 'knots' => max(1, $this->knots()), 'spins' => null] : null,
        );
    }

    public function canBeLeft(): bool
    {
        return $this->metres()->inMetres() > 1;
    }

    protected function judged(): Outcome
    {
        $depth = $this->depth();
        $off = $depth - $this->mark->inMillimetres();
        $knots = $this->knots();

        return new Outcome(
            abs($off),
            'mm',
            Tolerance::DEPTH_READING_MM,
            Sentence::of(
                'You wound {0} of backing, and the estimate was {1}. Its surface is {2} below the lip, ' . match (true) {
                    abs($off) <= Tolerance::DEPTH_READING_MM => 'at the mark',
                    $off > 0 => '{4} short of the mark',
                    default => '{4} past the mark',
                } . '. With all the main line it would end {3} below the lip, and you want {5}.'
                    . ($knots > 0 ? " Its loose line would bring about $knots wind knots in a day of casting." : ''),
                $this->metres(),
                $this->plan->layers[0]->length,
                Length::millimetres($depth),
                $this->finish(),
                Length::millimetres(abs($off)),
                $this->plan->gap,
            ),
            count($this->read) < Made::READINGS ? [Slip::FewReadings] : [],
        );
    }

    protected function make(int $number, Move $move): Seen
    {
        if ($move->do === 'read') {
            $this->blade = Made::reading($this->seed, $number, $this->depth());
            $this->read[] = $this->blade;
            $this->everRead = true;

            return new Seen(Sentence::of('The calipers read {0} below the lip here.', Length::millimetres($this->blade)));
        }
        $was = $this->depth();
        $turns = self::TURNS[$move->do] * (1 + self::HAND * Made::error($this->seed, $number));
        $this->read = [];
        $this->blade = null;
        if ($turns < 0) {
            $this->takeOff(-$turns);

            return new Seen(Sentence::of('You wound a few turns back onto the filler spool.'));
        }
        $this->wound = null;
        $this->stretches[] = new Stretch(0, $turns, tension: $move->do === 'loose' ? Tension::Loose : Tension::Firm);
        $past = $this->mark->inMillimetres() - $this->depth();
        $slips = [];
        if ($move->do === 'loose') {
            $slips[] = Slip::Loose;
        }
        if ($past > Tolerance::DEPTH_READING_MM) {
            $slips[] = Slip::Past;
            if (!$this->everRead) {
                $slips[] = Slip::Blind;
            }
        }

        return new Seen(
            Sentence::of('The line rose by about {0}.', Length::millimetres(round(max(0.0, $was - $this->depth()), 1))),
            $slips,
        );
    }

    /** Turns that come off again are those that went on last. */
    private function takeOff(float $turns): void
    {
        $this->wound = null;
        while ($turns > 0 && $this->stretches !== []) {
            $last = array_pop($this->stretches);
            if ($last->turns > $turns) {
                $this->stretches[] = new Stretch(0, $last->turns - $turns, tension: $last->tension);
            }
            $turns -= $last->turns;
        }
    }

    /** Turns from a depth to the mark by what is printed; below 0: it is past it. */
    private function turnsTo(float $depth): float
    {
        $cell = $this->plan->layers[0]->layer->line->cell($this->spool->lay);
        $at = fn(float $mm): Diameter => $this->geometry->diameterAt(Length::millimetres($mm));
        $mark = $this->mark->inMillimetres();
        $wraps = $this->spool->wrapsBetween($this->geometry, $at(max($depth, $mark)), $at(min($depth, $mark)), $cell);

        return ($depth > $mark ? 1 : -1) * $wraps / Made::GEAR_RATIO;
    }

    /** What really lies there. */
    private function metres(): Length
    {
        return $this->wound()[0][0];
    }

    private function surface(): Diameter
    {
        return $this->wound()[1] ?? throw new \LogicException('a practice spool has a shape');
    }

    private function depth(): float
    {
        return $this->geometry->depthOf($this->surface())->inMillimetres();
    }

    /** @return array{list<Length>, Diameter|null} */
    private function wound(): array
    {
        return $this->wound ??= $this->reel->wound(
            $this->spool,
            array_map(static fn(FilledLayer $each): Layer => $each->layer, $this->plan->layers),
            Made::GEAR_RATIO,
            $this->stretches,
        );
    }

    /** Where the main line would end on this, its own cell as it really is. */
    private function finish(): Length
    {
        $truth = $this->spool->roomier($this->reel->room);
        $main = $this->plan->layers[1];
        $under = $truth->lineVolumeUnder($this->geometry, $this->surface())->inCubicMillimetres();
        $volume = $under + $main->volume($this->spool->lay)->inCubicMillimetres() * $this->reel->cells[1];

        return Length::millimetres(max(0.0, $this->geometry->depthOf(
            $truth->surfaceHolding($this->geometry, Volume::cubicMillimetres($volume)),
        )->inMillimetres()));
    }

    private function looseTurns(): float
    {
        return array_sum(array_map(static fn(Stretch $each): float => $each->tension === Tension::Loose ? $each->turns : 0.0, $this->stretches));
    }

    private function knots(): int
    {
        return SimulatedReel::windKnots($this->plan->layers[0]->layer->line, 0.0, false, $this->stretches, $this->metres(), 0);
    }
}
