<?php

declare(strict_types=1);

namespace Undro\Join;

use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Mass;
use Undro\Units\Sentence;

/**
 * Where the leader's join sits at the cast, and whether that is sound: never on the spool with a lure or light lead, always on it with
 * turns to spare where heavy lead is thrown with force. Source: handbook, chapter 4.
 */
final readonly class LeaderSeat
{
    /** The join must stay this far from the spool, m. */
    private const FREE_M = 0.2;

    /**
     * @param Length      $fromTip  from the tip towards the reel; below 0: outside the tip
     * @param Length      $longest  with its join clear of the spool
     * @param bool        $casting  it has to take the cast
     * @param Force|null  $strength what a casting leader has to bear; null: the lead is not said
     * @param Length|null $least    of a casting leader
     * @param Length|null $cut      of a casting leader, when it is new
     * @param float|null  $turns    that lie on the spool
     */
    private function __construct(
        public Seat $seat,
        public Length $fromTip,
        public Length $longest,
        public bool $casting,
        public ?Force $strength,
        public ?Length $least,
        public ?Length $cut,
        public ?float $turns,
    ) {}

    /**
     * @param Length        $leader its length
     * @param Length        $drop   from the tip down to the lure at the cast
     * @param Length        $path   from the tip along the rod to the spool
     * @param Mass|null     $lead   lure or lead
     * @param Diameter|null $spool  where the line lies; wanted for a casting leader
     * @param Force|null    $main   strength of the main line; null: taken as too weak for the cast
     *
     * @throws BadJoin
     */
    public static function of(
        Length $leader,
        Length $drop,
        Length $path,
        ?Mass $lead = null,
        Cast $cast = Cast::Gentle,
        ?Diameter $spool = null,
        ?Force $main = null,
    ): self {
        $path->inMetres() > self::FREE_M || throw BadJoin::noRod();
        $from = $leader->inMetres() - $drop->inMetres();
        $longest = $drop->inMetres() + $path->inMetres() - self::FREE_M;
        $casting = CastingLeader::needed($lead, $cast, $main);
        !$casting || $spool !== null || throw BadJoin::noSpool();
        $with = static fn(int $turns): ?Length => $spool === null ? null : CastingLeader::length($drop, $path, $spool, $turns);

        return new self(
            match (true) {
                $from <= 0 => Seat::OutsideTip,
                $leader->inMetres() < $longest => Seat::InGuides,
                default => Seat::OnSpool,
            },
            Length::metres($from),
            Length::metres($longest),
            $casting,
            $lead === null ? null : CastingLeader::strength($lead),
            $with(CastingLeader::TURNS),
            $with(CastingLeader::TURNS_CUT),
            $spool === null ? null : max(0.0, ($from - $path->inMetres()) / (M_PI * $spool->inMillimetres() / 1000)),
        );
    }

    /** Whether it can be fished so. */
    public function sound(): bool
    {
        return $this->casting ? $this->turns !== null && $this->turns >= CastingLeader::TURNS - 1e-9 : $this->seat !== Seat::OnSpool;
    }

    /** What is so, and what to do about it. */
    public function says(): Sentence
    {
        $nobody = 'Make sure nobody stands behind or beside you when you cast.';
        [$strength, $cut] = [$this->strength ?? Force::newtons(0), $this->cut ?? $this->longest];

        return match (true) {
            $this->casting && !$this->sound() => Sentence::of(
                sprintf(
                    'Don’t cast this. The main line would take the cast and break, and a flying sinker can kill. At least five turns of '
                        . 'leader must be on the spool. Tie on a new leader of {0}, for eight turns, with a strength of {1}. %s',
                    $nobody,
                ),
                $cut,
                $strength,
            ),
            $this->casting => Sentence::of(
                sprintf(
                    '%s turns are on the spool, so the leader takes the cast. It must hold at least {0}. Replace it when only five turns '
                        . 'are left. Feel for nicks before each trip. %s',
                    self::turns($this->turns ?? 0.0),
                    $nobody,
                ),
                $strength,
            ),
            $this->sound() => Sentence::of("{$this->seat->words()} The longest leader that works is {0}.", $this->longest),
            default => Sentence::of("{$this->seat->words()} Cut the leader to {0} or less.", $this->longest),
        };
    }

    private static function turns(float $turns): string
    {
        return (string) (int) floor($turns + 1e-9);
    }
}
