<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Line\Line;
use Undro\Practice\Hanging;
use Undro\Practice\SimulatedReel;
use Undro\Run\Stretch;
use Undro\Spool\ReelKind;
use Undro\Statistics\RandomSource;
use Undro\Twist\Feed;
use Undro\Twist\Sense;
use Undro\Twist\Twist;
use Undro\Units\Diameter;
use Undro\Units\Exact;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** Which way round does the filler go? Source: handbook, chapter 3. */
final class PlaceTheFiller extends Lesson
{
    private const MOST_TURNS = 60;
    /** Turns before slack says anything. */
    private const ENOUGH = 10;
    private const USUAL = 15;

    /** Which way up the filler lies; null: not placed, or on an axle. */
    private ?bool $up = null;
    private bool $axle = false;
    private bool $rotorSeen = false;
    /** @var array<int, true> which way up somebody looked at */
    private array $circlesSeen = [];
    private float $wound = 0.0;
    private float $since = 0.0;
    private float $opposed = 0.0;
    private bool $tested = false;
    private ?int $loops = null;

    private function __construct(
        private readonly int $seed,
        private readonly Line $line,
        private readonly Diameter $spool,
        private readonly Diameter $filler,
        private readonly Sense $rotor,
        private readonly Sense $labelUp,
    ) {}

    public static function of(int $seed, array $moves): self
    {
        $chance = new RandomSource($seed);
        $sense = static fn(): Sense => $chance->uniform() < 0.5 ? Sense::Clockwise : Sense::CounterClockwise;
        $large = $chance->uniform() < 0.25;
        $lesson = new self(
            $seed,
            Made::line($chance),
            Diameter::millimetres($large ? 22 + 4 * $chance->uniform() : 38 + 8 * $chance->uniform()),
            Diameter::millimetres($large ? 110 + 30 * $chance->uniform() : 62 + 18 * $chance->uniform()),
            $sense(),
            $sense(),
        );
        return $lesson->played($moves);
    }

    public function asUndro(): array
    {
        $moves = [new Move('rotor'), new Move('up'), new Move('circles')];
        $there = self::of($this->seed, $moves);
        if (!$there->matched()) {
            $moves[] = new Move('down');
        }

        return [...$moves, new Move('wind', self::USUAL), new Move('slack')];
    }

    public function given(): array
    {
        return [
            Sentence::of(
                'Your reel has a fixed spool, {0} in diameter over its line. The filler spool is {1} in diameter, with ' . $this->line->material->word() . ' of {2}.',
                $this->spool,
                $this->filler,
                $this->line->diameter,
            ),
            Sentence::of('Place the filler spool for the least twist, and wind at least ten turns.'),
        ];
    }

    public function can(): array
    {
        $placed = $this->up !== null || $this->axle;

        return array_values(array_filter([
            $this->rotorSeen ? null : new Choice('rotor', 'Turn the handle and watch'),
            $this->up === true ? null : new Choice('up', 'Lay the filler spool flat, label up'),
            $this->up === false ? null : new Choice('down', 'Lay the filler spool flat, label down'),
            $this->axle ? null : new Choice('axle', 'Put the filler spool on an axle'),
            $this->up !== null && !isset($this->circlesSeen[(int) $this->up]) ? new Choice('circles', 'Pull off some line and watch') : null,
            $placed ? new Choice('wind', 'Wind (turns)', 'turns', 1, self::MOST_TURNS, self::USUAL) : null,
            $this->wound > 0 ? new Choice('slack', 'Let a metre of slack hang from the tip') : null,
        ]));
    }

    public function scene(): Scene
    {
        return new Scene(
            seat: [
                'feed' => $this->axle ? Feed::Rotating : Feed::OverEnd,
                'rotor' => $this->rotorSeen ? $this->rotor : null,
                'filler' => $this->up !== null && isset($this->circlesSeen[(int) $this->up]) ? $this->circles() : null,
            ],
            slack: $this->loops === null ? null : ['loops' => $this->loops, 'knots' => 0, 'spins' => null],
        );
    }

    public function canBeLeft(): bool
    {
        return $this->wound >= self::ENOUGH;
    }

    protected function judged(): Outcome
    {
        $metres = fn(float $turns): float => $turns * Made::GEAR_RATIO * M_PI * $this->spool->inMillimetres() / 1000;
        $opposed = Length::metres($metres($this->opposed));
        $line = $this->line;
        $knots = SimulatedReel::windKnots($line, $this->twist(false)->water, $this->opposed > 0, [new Stretch(0, $this->opposed)], $opposed, 0);
        $looked = $this->circlesSeen !== [] && $this->rotorSeen;

        return new Outcome(
            $opposed->inMetres(),
            'm',
            0.0,
            Sentence::of(
                sprintf(
                    'With the label up, line circles %s the rotor. The same way, winding twists each metre by %.1F turns; against the '
                        . 'rotor, by %.1F.',
                    $this->labelUp === $this->rotor ? 'with' : 'against',
                    abs($this->twist(true)->winding),
                    abs($this->twist(false)->winding),
                ) . ($this->opposed > 0 ? ' You wound {0} against the rotor.' : ' You wound none against the rotor.')
                    . ($knots > 0 ? " A day of casting would bring about $knots wind knots." : '')
                    . ($this->twist(true)->loopsInSlack() === true
                        ? ' This filler spool is so large that slack loops anyway. That is normal here.' : ''),
                $opposed,
            ),
            array_values(array_filter([
                $this->tested || $this->axle ? null : Slip::Untested,
                $looked || $this->axle ? null : Slip::Blind,
            ])),
        );
    }

    /** Which way line circles off it as it lies. */
    private function circles(): Sense
    {
        return $this->up === false ? $this->labelUp->opposite() : $this->labelUp;
    }

    private function matched(): bool
    {
        return $this->circles() === $this->rotor;
    }

    private function twist(bool $matched, Feed $feed = Feed::OverEnd): Twist
    {
        return Twist::of(
            ReelKind::Spinning,
            $feed,
            $matched ? $this->rotor : $this->rotor->opposite(),
            $this->rotor,
            $this->filler,
            $this->spool,
            $this->line,
        );
    }

    protected function make(int $number, Move $move): Seen
    {
        $way = static fn(Sense $sense): string => $sense === Sense::Clockwise ? 'clockwise' : 'the other way';

        return match ($move->do) {
            'rotor' => $this->lookAtRotor($way($this->rotor)),
            'circles' => $this->lookAtLine($way($this->circles())),
            'wind' => $this->wind((float) $move->amount),
            'slack' => $this->hang(),
            default => $this->lay($move->do),
        };
    }

    private function lookAtRotor(string $way): Seen
    {
        $this->rotorSeen = true;

        return new Seen(Sentence::of("From where you sit, the rotor turns $way."));
    }

    private function lookAtLine(string $way): Seen
    {
        $this->circlesSeen[(int) $this->up] = true;

        return new Seen(Sentence::of("From where you sit, the line circles $way as it comes off."));
    }

    private function lay(string $how): Seen
    {
        // turned over though it lay right, and somebody had wound off it
        $wasRight = $this->up !== null && $this->since > 0 && $this->matched();
        $this->axle = $how === 'axle';
        $this->up = $this->axle ? null : $how === 'up';
        $this->since = 0.0;
        $this->loops = null;

        return new Seen(Sentence::of(match ($how) {
            'axle' => 'The filler spool turns as line comes off now.',
            'up' => 'The filler spool lies flat, label up. Line comes off over its end.',
            default => 'The filler spool lies flat, label down. Line comes off over its end.',
        }), $wasRight && !$this->axle ? [Slip::TurnedRight] : []);
    }

    private function wind(float $turns): Seen
    {
        $this->wound += $turns;
        $this->since += $turns;
        $this->loops = null;
        $opposed = !$this->axle && !$this->matched();
        $known = $this->rotorSeen && ($this->up === null || $this->circlesSeen !== []);
        $this->opposed += $opposed ? $turns : 0.0;

        return new Seen(
            Sentence::of(Exact::plain($turns) . ' more turns wound, ' . Exact::plain($this->wound) . ' in all.'),
            // where somebody looked it could have been known; where nobody did, it was a guess
            array_values(array_filter([$opposed && $known ? Slip::Opposed : null, $known || $this->axle ? null : Slip::Blind])),
        );
    }

    private function hang(): Seen
    {
        $twist = $this->axle ? $this->twist(true, Feed::Rotating) : $this->twist($this->matched());
        $this->loops = $this->since < self::ENOUGH ? 0 : Hanging::loops($twist);
        $this->tested = $this->tested || $this->since >= self::ENOUGH;

        return new Seen(
            Sentence::of($this->loops > 0 ? 'It springs into loops.' : 'It hangs straight.'),
            array_values(array_filter([
                $this->since < self::ENOUGH ? Slip::TestedEarly : null,
                $this->axle ? Slip::NothingToTell : null,
            ])),
        );
    }
}
