<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Drag\Knob;
use Undro\Drag\NextMove;
use Undro\Drag\Pull;
use Undro\Drag\Pulls;
use Undro\Drag\State;
use Undro\Practice\Attempt;
use Undro\Practice\Mistake;
use Undro\Practice\Rehearsal;
use Undro\Practice\SimulatedDrag;
use Undro\Units\Force;
use Undro\Units\Sentence;

/** A made-up drag set to a quarter of what its line bears. Source: handbook, chapter 5, setting it. */
final class SetTheDrag implements Lesson
{
    public const TARGET_N = 18.0;
    /** Moves of the knob that should do. */
    private const MOVES = 4;
    private const MOST_PULLS = 100;

    /** @var list<Seen> */
    private array $seen = [];
    /** @var list<Attempt> */
    private array $attempts = [];
    private float $turns = 0.0;
    private bool $zeroed = true;
    private bool $past = true;
    private int $moves = 0;

    private function __construct(private readonly int $seed, private readonly Force $target, private readonly SimulatedDrag $drag) {}

    public static function of(int $seed, array $moves): self
    {
        $target = Force::newtons(self::TARGET_N);
        $first = $moves[0] ?? null;
        if ($first?->do === 'target') {
            (new Choice('target', 'Set it to', 'N', 1, 300))->holds($first);
            $target = Force::newtons((float) $first->amount);
        }
        $lesson = new self($seed, $target, SimulatedDrag::drawn($seed, $target));
        foreach ($moves as $number => $move) {
            $lesson->seen[] = $number === 0 && $move->do === 'target'
                ? new Seen(Sentence::of('To be set to {0}.', $target))
                : $lesson->make($move);
        }

        return $lesson;
    }

    public function asUndro(): array
    {
        $moves = [new Move('target', $this->target->inNewtons())];
        for ($pulls = 0; $pulls < self::MOST_PULLS; ++$pulls) {
            $moves = [...$moves, new Move('zero'), new Move('pull')];
            $there = self::of($this->seed, $moves);
            $next = NextMove::after($this->target, Knob::Turn, Pulls::of($there->pulls()));
            if ($next->state === State::Accept) {
                break;
            }
            if ($next->position !== null) {
                $moves[] = new Move('past', $next->position);
            }
        }

        return $moves;
    }

    public function given(): array
    {
        return [
            Sentence::of('A drag whose knob follows a law nobody told you. Set it to {0}, a quarter of what the line bears, in four moves.', $this->target),
        ];
    }

    public function can(): array
    {
        return [
            new Choice('pull', 'Pull slowly'),
            new Choice('zero', 'Put the needle back to zero'),
            new Choice('past', 'Turn the knob, from below', 'turns', -100, 100),
            new Choice('turn', 'Turn the knob straight to it', 'turns', -100, 100, careless: true),
            new Choice('jerk', 'Jerk it', careless: true),
        ];
    }

    public function seen(): array
    {
        return $this->seen;
    }

    public function scene(): Scene
    {
        $last = count($this->attempts) - 1;
        $shown = $last < 0 ? null : $this->rehearsal()->shows($last);
        $read = $shown['running'] ?? $shown['startUp'] ?? Force::newtons(0);

        return new Scene(rod: [
            'force' => $read,
            'target' => $this->target,
            'within' => Pulls::band($this->target),
            'line' => $this->rehearsal()->line(),
            'parted' => $shown['broke'] ?? false,
        ]);
    }

    public function canBeLeft(): bool
    {
        return $this->attempts !== [];
    }

    public function outcome(): Outcome
    {
        $this->canBeLeft() || throw BadLesson::tooSoon();
        $sticks = $this->drag->stickiness > Pulls::STICKY;
        $running = $this->drag->running($this->turns)->inNewtons();
        $counts = Force::newtons($running * ($sticks ? $this->drag->stickiness : 1.0));
        $mistakes = $this->rehearsal()->mistakes(count($this->attempts) - 1, true);

        return new Outcome(
            100 * abs($counts->inNewtons() / $this->target->inNewtons() - 1),
            'percent',
            100 * Pulls::WITHIN,
            Sentence::of(
                'It ' . ($sticks ? 'lets go' : 'runs') . " at {0}, where {1} are wanted, after $this->moves "
                    . ($this->moves === 1 ? 'move' : 'moves') . ' of the knob'
                    . ($this->moves > self::MOVES ? '; ' . self::MOVES . ' should do' : '') . '. ' . $this->drag->says(),
                $counts,
                $this->target,
            ),
            in_array(Mistake::FewPulls, $mistakes, true) ? [Slip::FewPulls] : [],
            $this->moves,
        );
    }

    /** @return non-empty-list<Pull> what was read of slow pulls */
    private function pulls(): array
    {
        $pulls = [];
        foreach ($this->attempts as $number => $attempt) {
            $shown = $this->rehearsal()->shows($number);
            if ($shown['running'] !== null) {
                $pulls[] = Pull::of($attempt->turns, $shown['running'], $shown['startUp']);
            }
        }

        return $pulls === [] ? throw new \LogicException('a first pull holds') : $pulls;
    }

    private function rehearsal(): Rehearsal
    {
        return new Rehearsal($this->seed, $this->target, $this->drag, $this->attempts);
    }

    private function make(Move $move): Seen
    {
        Choice::among($this->can(), $move);
        if ($move->do === 'zero') {
            $this->zeroed = true;

            return new Seen(Sentence::of('The needle stands at zero.'));
        }
        if ($move->do === 'past' || $move->do === 'turn') {
            $this->moves += abs($this->turns - (float) $move->amount) > 1e-6 ? 1 : 0;
            $this->turns = (float) $move->amount;
            $this->past = $move->do === 'past';

            return new Seen(Sentence::of(sprintf('The knob stands at %.2F turns.', $this->turns)));
        }
        $this->attempts[] = new Attempt($this->turns, $move->do === 'jerk', $this->zeroed, $this->past);
        [$this->zeroed, $this->past] = [false, true];
        $number = count($this->attempts) - 1;
        $shown = $this->rehearsal()->shows($number);
        $slips = array_map(static fn(Mistake $each): Slip => Slip::from($each->value), $this->rehearsal()->mistakes($number));
        $read = $shown['running'] ?? $shown['startUp'];

        return $shown['broke']
            ? new Seen(Sentence::of('The line parted.'), [...$slips, Slip::Broke])
            : new Seen(Sentence::of('The gauge shows {0}.', $read ?? Force::newtons(0)), $slips);
    }
}
