<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Practice\Hanging;
use Undro\Spool\ReelKind;
use Undro\Statistics\RandomSource;
use Undro\Twist\Feed;
use Undro\Twist\Sense;
use Undro\Twist\Slack;
use Undro\Twist\SlackMove;
use Undro\Twist\SlackTest;
use Undro\Twist\Twist;
use Undro\Units\Diameter;
use Undro\Units\Sentence;

/** Four lines after fifteen turns off the end of a filler: which wants what? Source: handbook, chapter 3, slack test. */
final class TellMemory extends Lesson
{
    /** What can be said of a line, and what it means. */
    private const SAYS = [
        'turn_over' => 'Twist: flip the filler spool',
        'memory' => 'Memory: soak it, or use a warm cloth',
        'expected' => 'Normal here: leave it',
        'carry_on' => 'Straight: carry on',
    ];
    /** Of a line of each kind: how thick, mm; over the spool and the filler, mm; whether both turn the same way; whether it is set in coils. */
    private const KINDS = [
        'turn_over' => [0.28, 40.0, 70.0, false, false],
        'memory' => [0.25, 44.0, 66.0, true, true],
        'expected' => [0.30, 22.0, 125.0, true, false],
        'carry_on' => [0.22, 44.0, 66.0, true, false],
    ];
    private const COILS = 3;

    private int $at = 0;
    private bool $hung = false;
    private bool $looked = false;
    private ?bool $spins = null;
    private int $wrong = 0;
    /** @var list<string> what each line really wants */
    private array $wants = [];

    /**
     * @param list<array{line: Line, twist: Twist, expected: bool, rotor: Sense, filler: Sense, coils: bool}> $lines
     */
    private function __construct(private readonly int $seed, private readonly array $lines) {}

    public static function of(int $seed, array $moves): self
    {
        $chance = new RandomSource($seed);
        $kinds = array_keys(self::KINDS);
        $order = array_map(static fn(): float => $chance->uniform(), $kinds);
        array_multisort($order, $kinds);
        // three are one of each kind in no order; the fourth may be any, so that nobody finds it by what is left over
        $kinds[3] = array_keys(self::KINDS)[Made::oneOf(4, $chance)];
        $lines = [];
        foreach ($kinds as $kind) {
            [$diameter, $spool, $filler, $same, $coils] = self::KINDS[$kind];
            $size = 0.97 + 0.06 * $chance->uniform();
            $rotor = $chance->uniform() < 0.5 ? Sense::Clockwise : Sense::CounterClockwise;
            $line = Line::of(Material::Mono, Diameter::millimetres($diameter));
            $circles = $same ? $rotor : $rotor->opposite();
            $over = Diameter::millimetres($spool * $size);
            $of = static fn(Sense $sense): Twist => Twist::of(
                ReelKind::Spinning,
                Feed::OverEnd,
                $sense,
                $rotor,
                Diameter::millimetres($filler),
                $over,
                $line,
            );
            $lines[] = [
                'line' => $line,
                'twist' => $of($circles),
                'expected' => $of($rotor)->loopsInSlack() === true,
                'rotor' => $rotor,
                'filler' => $circles,
                'coils' => $coils,
            ];
        }
        $lesson = new self($seed, $lines);
        $lesson->wants = array_map($lesson->wants(...), array_keys($lines));
        return $lesson->played($moves);
    }

    public function asUndro(): array
    {
        $moves = [];
        foreach (self::of($this->seed, [])->lines as $index => $line) {
            $moves[] = new Move('slack');
            $hung = self::of($this->seed, $moves)->loops($index) > 0;
            if ($hung) {
                $moves[] = new Move('senses');
            }
            $moves[] = new Move(match (SlackTest::next(
                [$hung ? Slack::Loops : Slack::Straight],
                $hung ? $line['filler'] === $line['rotor'] : null,
                $line['expected'],
            )->move) {
                SlackMove::TurnOver => 'turn_over',
                SlackMove::Expected => 'expected',
                SlackMove::CarryOn => 'carry_on',
                default => 'memory',
            });
        }

        return $moves;
    }

    public function given(): array
    {
        return [
            Sentence::of('You get four mono lines, one after the other. Each has fifteen turns wound, over the end of a filler spool that '
                . 'lies flat.'),
            Sentence::of(
                $this->at < count($this->lines)
                    ? 'Line ' . ($this->at + 1) . ' of ' . count($this->lines) . ': look first, then decide what to do.'
                    : 'You have decided all four.',
            ),
        ];
    }

    public function can(): array
    {
        if ($this->at >= count($this->lines)) {
            return [];
        }
        $looks = [
            $this->hung ? null : new Choice('slack', 'Let a metre of slack hang from the tip'),
            $this->looked ? null : new Choice('senses', 'Check which way both turn'),
            $this->spins !== null ? null : new Choice('free', 'Let the end hang free'),
        ];
        $says = array_map(
            fn(string $do, string $says): Choice => new Choice($do, $says, careless: !$this->hung),
            array_keys(self::SAYS),
            self::SAYS,
        );

        return [...array_values(array_filter($looks)), ...$says];
    }

    public function scene(): Scene
    {
        $line = $this->lines[min($this->at, count($this->lines) - 1)];

        return new Scene(
            seat: [
                'feed' => Feed::OverEnd,
                'rotor' => $this->looked ? $line['rotor'] : null,
                'filler' => $this->looked ? $line['filler'] : null,
            ],
            slack: $this->hung || $this->spins !== null
                ? ['loops' => $this->hung ? $this->loops(min($this->at, count($this->lines) - 1)) : 0, 'knots' => 0, 'spins' => $this->spins]
                : null,
        );
    }

    public function canBeLeft(): bool
    {
        return $this->at >= count($this->lines);
    }

    protected function judged(): Outcome
    {
        $told = [];
        foreach ($this->wants as $number => $wants) {
            $told[] = ($number + 1) . ': ' . lcfirst(self::SAYS[$wants]);
        }

        return new Outcome($this->wrong, 'wrong', 0.0, Sentence::of('The right answers. ' . implode('. ', $told) . '.'));
    }

    /** What a line wants by its truth: turned over where the two turn against each other; else what loops there are is its own. */
    private function wants(int $index): string
    {
        $line = $this->lines[$index];

        return match (true) {
            $this->loops($index) === 0 => 'carry_on',
            $line['filler'] !== $line['rotor'] => 'turn_over',
            $line['twist']->loopsInSlack() === true => 'expected',
            default => 'memory',
        };
    }

    private function loops(int $index): int
    {
        $line = $this->lines[$index];

        return max($line['coils'] ? self::COILS : 0, Hanging::loops($line['twist']));
    }

    protected function make(int $number, Move $move): Seen
    {
        $line = $this->lines[$this->at];
        if ($move->do === 'slack') {
            $this->hung = true;

            return new Seen(Sentence::of($this->loops($this->at) > 0 ? 'It springs into loops.' : 'It hangs straight.'));
        }
        if ($move->do === 'senses') {
            $this->looked = true;
            $ratio = $line['expected'] ? ' The filler spool is very large for this small spool.' : '';

            return new Seen(Sentence::of(($line['filler'] === $line['rotor'] ? 'Both turn the same way.' : 'They turn opposite ways.') . $ratio));
        }
        if ($move->do === 'free') {
            $this->spins = $line['twist']->loopsInSlack() === true;

            return new Seen(Sentence::of($this->spins ? 'The free end spins, so twist comes out.' : 'The free end does not spin.'));
        }

        return $this->say($move->do);
    }

    private function say(string $says): Seen
    {
        $wants = $this->wants[$this->at];
        $slips = match (true) {
            !$this->hung, $says === 'turn_over' && !$this->looked => [Slip::Blind],
            $says === 'turn_over' && $wants !== 'turn_over' => [Slip::TurnedRight],
            $says === 'memory' && in_array($wants, ['turn_over', 'expected'], true) => [Slip::SoakedTwist],
            $says === 'carry_on' && $wants !== 'carry_on' => [Slip::LeftLoops],
            $says === 'expected' && $wants === 'turn_over' => [Slip::Opposed],
            default => [],
        };
        $right = $says === $wants;
        $this->wrong += $right ? 0 : 1;
        ++$this->at;
        [$this->hung, $this->looked, $this->spins] = [false, false, null];
        $then = match ($says) {
            'turn_over' => $wants === 'turn_over' ? 'With the filler spool flipped, it hangs straight.' : 'With the filler spool flipped '
                . 'it is worse: now the twists add up.',
            'memory' => $wants === 'memory' ? 'After soaking and a warm cloth, it hangs straight.' : 'After soaking, it hangs as before.',
            'expected' => $wants === 'expected' ? 'You left it. The first casts remove the loops.' : 'You left it, and it stays as it was.',
            default => $wants === 'carry_on' ? 'You carried on, and it stayed straight.' : 'You carried on, with loops in it.',
        };

        return new Seen(Sentence::of("Line $this->at: $then"), $slips);
    }
}
