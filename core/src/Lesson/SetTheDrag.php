<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Drag\Pulls;
use Undro\Practice\Attempt;
use Undro\Practice\DragTrial;
use Undro\Practice\Mistake;
use Undro\Practice\Rehearsal;
use Undro\Practice\SimulatedDrag;
use Undro\Units\Force;
use Undro\Units\Sentence;

/** A made-up drag set to a quarter of what its line bears. Source: handbook, chapter 5, setting it. */
final class SetTheDrag extends Lesson
{
    private const TARGET_N = 18.0;
    private const TARGETS_N = [1.0, 300.0];
    /** Moves of the knob that should be enough. */
    private const MOVES = 4;

    /** @var list<Attempt> */
    private array $attempts = [];
    private float $turns = 0.0;
    private bool $zeroed = true;
    private bool $past = true;
    private int $moves = 0;

    private function __construct(private readonly int $seed, private readonly Force $target, private readonly SimulatedDrag $drag) {}

    public static function of(int $seed, array $moves): self
    {
        $target = Force::newtons(($moves[0] ?? null)?->do === 'target' && $moves[0]->amount !== null ? $moves[0]->amount : self::TARGET_N);

        return (new self($seed, $target, SimulatedDrag::drawn($seed, $target)))->played($moves);
    }

    public function asUndro(): array
    {
        $moves = [new Move('target', $this->target->inNewtons())];
        $at = 0.0;
        foreach (DragTrial::of($this->seed, $this->target)->positions as $position) {
            if ($position !== $at) {
                $moves[] = new Move('past', $position);
            }
            $moves = [...$moves, new Move('zero'), new Move('pull')];
            $at = $position;
        }

        return $moves;
    }

    public function moves(): int
    {
        return $this->moves;
    }

    public function given(): array
    {
        return [
            Sentence::of('You don’t know yet how fast this knob tightens. Set the drag to {0}, a quarter of what the line holds, in '
                . 'four moves.', $this->target),
        ];
    }

    public function can(): array
    {
        return [
            ...($this->seen() === [] ? [new Choice('target', 'Save the setting at', 'N', ...self::TARGETS_N)] : []),
            new Choice('pull', 'Pull slowly'),
            new Choice('zero', 'Reset the needle to zero'),
            new Choice('past', 'Come up to a knob position (turns)', 'turns', -100, 100),
            new Choice('turn', 'Turn the knob down to a position (turns)', 'turns', -100, 100, careless: true),
            new Choice('jerk', 'Jerk it', careless: true),
        ];
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

    protected function judged(): Outcome
    {
        $sticks = $this->drag->stickiness > Pulls::STICKY;
        $running = $this->drag->running($this->turns)->inNewtons();
        $counts = Force::newtons($running * ($sticks ? $this->drag->stickiness : 1.0));
        $mistakes = $this->rehearsal()->mistakes(count($this->attempts) - 1, true);

        return new Outcome(
            100 * abs($counts->inNewtons() / $this->target->inNewtons() - 1),
            'percent',
            100 * Pulls::WITHIN,
            Sentence::of(
                'The drag ' . ($sticks ? 'slips' : 'runs') . " at {0}, and you wanted {1}, after $this->moves "
                    . ($this->moves === 1 ? 'move' : 'moves') . ' of the knob'
                    . ($this->moves > self::MOVES ? '; ' . self::MOVES . ' should be enough' : '') . '. ' . $this->drag->says(),
                $counts,
                $this->target,
            ),
            in_array(Mistake::FewPulls, $mistakes, true) ? [Slip::FewPulls] : [],
        );
    }

    private function rehearsal(): Rehearsal
    {
        return new Rehearsal($this->seed, $this->target, $this->drag, $this->attempts);
    }

    protected function make(int $number, Move $move): Seen
    {
        if ($move->do === 'target') {
            return new Seen(Sentence::of('Set the drag to {0}.', $this->target));
        }
        if ($move->do === 'zero') {
            $this->zeroed = true;

            return new Seen(Sentence::of('The needle is at zero.'));
        }
        if ($move->do === 'past' || $move->do === 'turn') {
            $this->moves += abs($this->turns - (float) $move->amount) > 1e-6 ? 1 : 0;
            $this->turns = (float) $move->amount;
            $this->past = $move->do === 'past';

            return new Seen(Sentence::of(sprintf('The knob is at %.2F turns.', $this->turns)));
        }
        $this->attempts[] = new Attempt($this->turns, $move->do === 'jerk', $this->zeroed, $this->past);
        [$this->zeroed, $this->past] = [false, true];
        $number = count($this->attempts) - 1;
        $shown = $this->rehearsal()->shows($number);
        $slips = array_map(static fn(Mistake $each): Slip => Slip::from($each->value), $this->rehearsal()->mistakes($number));
        $read = $shown['running'] ?? $shown['startUp'];

        return $shown['broke']
            ? new Seen(Sentence::of('The line broke.'), [...$slips, Slip::Broke])
            : new Seen(Sentence::of('The scale shows {0}.', $read ?? Force::newtons(0)), $slips);
    }
}
