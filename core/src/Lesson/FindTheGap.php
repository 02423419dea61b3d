<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Fill\FullLevel;
use Undro\Fill\GapReason;
use Undro\Fill\Role;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Statistics\RandomSource;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** Where should the line lie on this reel, and where does it? Source: handbook, chapter 2, how full. */
final class FindTheGap extends Lesson
{
    /** A blade askew reads this much too deep, mm: from and up to. Ours. */
    private const ASKEW_MM = [0.4, 0.9];

    /** @var list<float> square to the lip, mm */
    private array $read = [];
    private ?float $blade = null;
    private ?float $should = null;
    private ?float $lies = null;

    private function __construct(
        private readonly int $seed,
        private readonly ReelKind $kind,
        private readonly LipShape $lip,
        private readonly ?Length $bevel,
        private readonly Spool $spool,
        private readonly Line $line,
        private readonly bool $longCast,
        private readonly bool $beginner,
        private readonly FullLevel $full,
        private readonly float $depth,
    ) {}

    public static function of(int $seed, array $moves): self
    {
        $chance = new RandomSource($seed);
        $kind = Made::kind($chance);
        [$lip, $bevel] = Made::lip($kind, $chance);
        $spool = Made::spool($kind, $chance);
        $line = Made::line($chance);
        $use = Made::oneOf(4, $chance);
        $full = FullLevel::of($kind, $lip, $bevel, $line, Lay::Normal, $use === 1, $use === 2);
        // from well over full to well under it, never out of the lip
        $depth = max(0.2, $full->gap->inMillimetres() - 1.2 + 3.0 * $chance->uniform());
        $lesson = new self($seed, $kind, $lip, $bevel, $spool, $line, $use === 1, $use === 2, $full, $depth);
        return $lesson->played($moves);
    }

    public function asUndro(): array
    {
        $reads = array_fill(0, Made::READINGS, new Move('read'));
        $there = self::of($this->seed, $reads);

        return [
            ...$reads,
            new Move('should', $there->full->gap->inMillimetres()),
            new Move('lies', round(array_sum($there->read) / count($there->read), 1)),
        ];
    }

    public function given(): array
    {
        $reel = match ($this->kind) {
            ReelKind::Spinning => 'A spinning reel',
            ReelKind::Baitcasting => 'A baitcasting reel',
            ReelKind::Spincast => 'A spincast reel',
        };
        $lip = match ($this->lip) {
            LipShape::Bevelled => Sentence::of("$reel with a bevelled lip. The bevel is {0} deep.", $this->bevel ?? Length::millimetres(0)),
            LipShape::Straight => Sentence::of("$reel with a straight lip."),
            LipShape::Rounded => Sentence::of("$reel with a rounded lip."),
        };

        return [
            $lip,
            Sentence::of('The outer line is ' . $this->line->material->word() . ' of {0}.', $this->line->diameter),
            Sentence::of(match (true) {
                $this->longCast => 'The angler casts for distance.',
                $this->beginner => 'The angler is a beginner.',
                default => 'The angler casts normally and knows how.',
            }),
            Sentence::of('Where should the line level be, and where is it?'),
        ];
    }

    public function can(): array
    {
        return [
            new Choice('read', 'Take one reading with the blade square'),
            new Choice('askew', 'Take a quick reading', careless: true),
            new Choice('should', 'Full level should be', 'mm', 0.2, 8),
            new Choice('lies', 'Line level is', 'mm', 0.0, 8),
        ];
    }

    public function scene(): Scene
    {
        $geometry = $this->spool->geometry;

        return new Scene(spool: $geometry === null ? null : [
            'spool' => $this->spool,
            'kind' => $this->kind,
            'lip' => $this->lip,
            'bevel' => $this->bevel,
            'line' => $this->line,
            'role' => Role::Main,
            'surface' => $geometry->diameterAt(Length::millimetres($this->depth)),
            'mark' => $this->should === null ? null : Length::millimetres($this->should),
            'blade' => $this->blade === null ? null : Length::millimetres($this->blade),
        ]);
    }

    public function canBeLeft(): bool
    {
        return $this->should !== null && $this->lies !== null;
    }

    protected function judged(): Outcome
    {
        [$should, $lies] = [(float) $this->should, (float) $this->lies];
        $gap = $this->full->gap->inMillimetres();
        $wrong = abs($should - $gap) > Tolerance::DEPTH_READING_MM;
        $higher = $gap - $this->depth;
        $reasons = implode('; ', array_map(
            fn(GapReason $each): string => $each->id->why($this->kind, $this->lip),
            $this->full->reasons,
        ));

        return new Outcome(
            max(abs($should - $gap), abs($lies - $this->depth)),
            'mm',
            Tolerance::DEPTH_READING_MM,
            Sentence::of(
                "The full level is {0} below the lip: $reasons. The line is really {1} below it: " . match (true) {
                    abs($higher) <= Tolerance::DEPTH_READING_MM => 'full, just right.',
                    $higher > 0 => '{2} too high, so coils jump off.',
                    default => '{2} too low, so it casts a little shorter.',
                },
                $this->full->gap,
                Length::millimetres($this->depth),
                Length::millimetres(abs($higher)),
            ),
            array_values(array_filter([
                $wrong ? Slip::WrongGap : null,
                count($this->read) < Made::READINGS ? Slip::FewReadings : null,
            ])),
        );
    }

    protected function make(int $number, Move $move): Seen
    {
        if ($move->do === 'should' || $move->do === 'lies') {
            $move->do === 'should' ? $this->should = $move->amount : $this->lies = $move->amount;

            return new Seen(Sentence::of(
                $move->do === 'should' ? 'You say it should be {0} below the lip.' : 'You say it is {0} below the lip.',
                Length::millimetres((float) $move->amount),
            ));
        }
        [$least, $most] = self::ASKEW_MM;
        $askew = $move->do === 'askew' ? $least + ($most - $least) * (new RandomSource($this->seed * 7 + $number))->uniform() : 0.0;
        $this->blade = Made::reading($this->seed, $number, $this->depth + $askew);
        if ($askew === 0.0) {
            $this->read[] = $this->blade;
        }

        return new Seen(
            Sentence::of('The calipers read {0} below the lip here.', Length::millimetres($this->blade)),
            $askew > 0 ? [Slip::Askew] : [],
        );
    }
}
