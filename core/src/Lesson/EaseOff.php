<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Drag\Easing;
use Undro\Drag\Knob;
use Undro\Drag\Pull;
use Undro\Drag\Pulls;
use Undro\Drag\Runout;
use Undro\Fill\Role;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Practice\Rehearsal;
use Undro\Practice\SimulatedDrag;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Statistics\RandomSource;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Sentence;

/**
 * A fish takes line in runs, the spool gets smaller, and the same knob pulls harder, some drags more than the shape explains. Source:
 * handbook, chapter 5, as line runs out.
 */
final class EaseOff extends Lesson
{
    private const SET_N = 18.0;
    private const RUNS = 6;
    /** Of all line, that a run takes. */
    private const TAKES = 0.12;
    /** A drag that heats holds up to so much more than the shape says with all line off. Ours. */
    private const HEATS = 1.2;
    private const MOST_TURNS = 3;
    private const WITHIN = 0.15;
    private const LATE = 1.5;
    private const TOO_FAR = 0.7;
    /** Undro pulls after the first run, and when a third is off. */
    private const PULLS_AFTER = [1, 3];

    private int $runs = 0;
    private float $back = 0.0;
    /** @var list<float> times the force it was set to, at the end of each run */
    private array $shares = [];
    private bool $parted = false;
    private ?float $read = null;

    private function __construct(
        private readonly int $seed,
        private readonly Spool $spool,
        private readonly Line $line,
        private readonly float $all,
        private readonly Runout $runout,
        private readonly SimulatedDrag $drag,
        private readonly float $heats,
    ) {}

    public static function of(int $seed, array $moves): self
    {
        $chance = new RandomSource($seed);
        $spool = Made::spool(ReelKind::Spinning, $chance);
        $line = Line::of(Material::Mono, Diameter::millimetres(0.33));
        $gap = Length::millimetres(Made::GAP_MM);
        $all = $spool->fullVolume($gap)->inCubicMillimetres() / 1000 / $line->cell($spool->lay)->inSquareMillimetres();
        $lesson = new self(
            $seed,
            $spool,
            $line,
            $all,
            Runout::of($spool, $gap, $line, null, null),
            SimulatedDrag::drawn($seed, Force::newtons(self::SET_N)),
            $chance->uniform() < 0.5 ? 0.0 : self::HEATS * (0.3 + 0.7 * $chance->uniform()),
        );
        return $lesson->played($moves);
    }

    public function asUndro(): array
    {
        $moves = [];
        $more = 1.0;
        for ($run = 1; $run <= self::RUNS; ++$run) {
            $there = self::of($this->seed, $moves);
            // by the shape, and by what a pull showed beyond it: set so that the run ends where it was set
            $wanted = 1 / ($there->runout->rise($there->out($run)) * $more);
            $back = (Easing::of(Knob::Turn, $there->setting(), false)?->back(min(1.0, $wanted)) ?? $there->back) - $there->back;
            if ($back > 0.01) {
                $moves[] = new Move('back', $back);
            }
            $moves[] = new Move('run');
            if (in_array($run, self::PULLS_AFTER, true)) {
                $moves[] = new Move('pull');
                $there = self::of($this->seed, $moves);
                $expected = self::SET_N * $there->knob($there->back) * $there->runout->rise($there->out($run));
                // a drag that heats goes on heating: what it shows here, in step with the line that is out
                $more = max(1.0, 1 + (($there->read ?? $expected) / $expected - 1) * ($run + 1) / $run);
            }
        }

        return $moves;
    }

    public function given(): array
    {
        $at = fn(float $turns): Force => Force::newtons(self::SET_N * $this->knob($turns));

        return [
            Sentence::of(
                'The drag is set to {0} on the full spool, a quarter of what the line holds. A quarter turn back gives {1}, half a turn '
                    . '{2}, a full turn {3}.',
                $at(0),
                $at(0.25),
                $at(0.5),
                $at(1),
            ),
            Sentence::of('A friend walks off with the line as a fish would, in ' . self::RUNS . ' runs of {0}. Keep the force close to '
                . 'the setting.', $this->out(1)),
        ];
    }

    public function can(): array
    {
        if ($this->runs >= self::RUNS || $this->parted) {
            return [];
        }

        return [
            new Choice('run', 'Let the fish run'),
            new Choice('back', 'Ease off (turns)', 'turns', 0.05, self::MOST_TURNS, 0.25),
            new Choice('pull', 'Pull with the scale here'),
            new Choice('forth', 'Tighten (turns)', 'turns', 0.05, self::MOST_TURNS, 0.25, true),
        ];
    }

    public function scene(): Scene
    {
        return new Scene(
            spool: [
                'spool' => $this->spool,
                'kind' => ReelKind::Spinning,
                'lip' => LipShape::Straight,
                'bevel' => null,
                'line' => $this->line,
                'role' => Role::Main,
                'surface' => $this->runout->surface($this->out($this->runs)),
                'mark' => null,
                'blade' => null,
            ],
            rod: [
                'force' => Force::newtons($this->parted ? 0.0 : self::SET_N * $this->share($this->runs)),
                'target' => Force::newtons(self::SET_N),
                'within' => [Force::newtons(self::SET_N * (1 - self::WITHIN)), Force::newtons(self::SET_N * (1 + self::WITHIN))],
                'line' => self::line(),
                'parted' => $this->parted,
            ],
        );
    }

    public function canBeLeft(): bool
    {
        return $this->parted || $this->runs >= self::RUNS;
    }

    protected function judged(): Outcome
    {
        $worst = 1.0;
        foreach ($this->shares as $share) {
            $worst = abs($share - 1) > abs($worst - 1) ? $share : $worst;
        }
        $end = $this->out(count($this->shares));
        $rest = $this->rise($this->runs) / $this->runout->rise($end);

        return new Outcome(
            100 * abs($worst - 1),
            'percent',
            100 * self::WITHIN,
            Sentence::of(
                'Your force furthest from {0} was {1}. With {2} out, the smaller spool alone makes the drag '
                    . sprintf('%.1F times as strong', $this->runout->rise($end))
                    . ($rest > 1.02 ? sprintf('; this drag also heats up, for another %.1F times', $rest) : '; this drag didn’t heat up')
                    . '. Without easing off it would have reached {3}.',
                Force::newtons(self::SET_N),
                Force::newtons(self::SET_N * $worst),
                $end,
                Force::newtons(self::SET_N * $this->rise(count($this->shares))),
            ),
        );
    }

    private static function line(): Force
    {
        return Force::newtons(self::SET_N / Rehearsal::TARGET_SHARE);
    }

    /** Line out after so many runs. */
    private function out(int $runs): Length
    {
        return Length::metres($runs * self::TAKES * $this->all);
    }

    /** The force with the knob so far back, times what it was set to, on the full spool. */
    private function knob(float $back): float
    {
        return $this->drag->running(-$back)->inNewtons() / $this->drag->running(0)->inNewtons();
    }

    /** How much more it holds after so many runs, the knob left alone: the shape, and its heat. */
    private function rise(int $runs): float
    {
        return $this->runout->rise($this->out($runs)) * (1 + $this->heats * $runs * self::TAKES);
    }

    private function share(int $runs): float
    {
        return $this->rise($runs) * $this->knob($this->back);
    }

    /** The pulls it was set by, at four places. */
    private function setting(): Pulls
    {
        return Pulls::of(array_map(
            fn(float $back): Pull => Pull::of(-$back, Force::newtons(self::SET_N * $this->knob($back)), null),
            [1.0, 0.5, 0.25, 0.0, 0.0, 0.0],
        ));
    }

    protected function make(int $number, Move $move): Seen
    {
        $this->read = null;
        if ($move->do === 'back' || $move->do === 'forth') {
            $by = (float) $move->amount;
            $this->back += $move->do === 'back' ? $by : -$by;
            $slips = match (true) {
                $move->do === 'forth' && $this->runs > 0 => [Slip::Tightened],
                $move->do === 'back' && $this->share($this->runs) < self::TOO_FAR => [Slip::TooFar],
                default => [],
            };

            return new Seen(
                Sentence::of(sprintf('The knob is %.2F turns %s.', abs($this->back), $this->back >= 0 ? 'back' : 'tighter than the setting')),
                $slips,
            );
        }
        if ($move->do === 'pull') {
            $this->read = self::SET_N * $this->share($this->runs) * (1 + SimulatedDrag::NOISE * Made::error($this->seed, $number));

            return new Seen(Sentence::of('The scale shows {0}.', Force::newtons($this->read)));
        }
        $before = $this->share($this->runs);
        ++$this->runs;
        $share = $this->share($this->runs);
        $this->shares[] = $share;
        $this->parted = $share * self::SET_N >= self::line()->inNewtons();

        return new Seen(
            Sentence::of(
                $this->parted ? 'The line broke with {0} out.' : '{0} of line is out. The line is {1} below the lip.',
                $this->out($this->runs),
                $this->runout->depth($this->out($this->runs)),
            ),
            array_values(array_filter([
                $share > self::LATE && $before <= self::LATE ? Slip::Late : null,
                $this->parted ? Slip::Broke : null,
            ])),
        );
    }
}
