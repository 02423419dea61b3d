<?php

declare(strict_types=1);

namespace Undro\Strip;

use Undro\Fill\Role;
use Undro\Line\Material;
use Undro\Line\OuterEnd;
use Undro\Units\Length;

/**
 * What one way of taking line off comes to: how much goes, what lies on the spool afterwards, how often it is wound, which end is on top
 * then. Turning end for end means the main line alone; the backing never moves. Source: handbook, chapter 6.
 */
final readonly class Outcome
{
    /** What is worn after a season: 20 to 30 m of nylon (handbook, chapter 6). Braid wears over a cast. */
    private const WORN_M = 25.0;
    private const WORN_BRAID_M = 40.0;
    /** What goes where the main line is cut at the join and joined again. Source: handbook, chapter 6. */
    public const JOIN_LOST_M = 0.5;

    /**
     * @param list<Remaining> $after  what lies on the spool then, from the arbor out
     * @param int             $passes windings
     * @param Length          $wound  metres wound altogether
     * @param Length          $joinLost at the join
     * @param bool|null       $wornOnTop which end comes out on top where it then lies; null: nothing lies
     * @param bool            $fits   it can be done with what there is
     */
    private function __construct(
        public Removal $removal,
        public Length $off,
        public array $after,
        public int $passes,
        public Length $wound,
        public Length $joinLost,
        public ?bool $wornOnTop,
        public bool $fits,
    ) {}

    /**
     * Every way, for line that lies on a spool.
     *
     * @param list<Length> $backing pieces, from the arbor out
     * @param Length       $main    all of the main line; 0: there is none
     * @param Length       $worn    of the outer end
     *
     * @return list<self>
     *
     * @throws BadStrip if more is worn than there is
     */
    public static function all(array $backing, Length $main, Length $worn): array
    {
        return array_map(static fn(Removal $removal): self => self::of($removal, $backing, $main, $worn), Removal::cases());
    }

    /**
     * One way.
     *
     * @param list<Length> $backing pieces, from the arbor out
     *
     * @throws BadStrip if nothing lies there, or more is worn than there is
     */
    public static function of(Removal $removal, array $backing, Length $main, Length $worn): self
    {
        $total = $main->inMetres() + array_sum(array_map(static fn(Length $piece): float => $piece->inMetres(), $backing));
        $total > 0 || throw BadStrip::nothingThere();
        $worn->inMetres() <= $total + 1e-9 || throw BadStrip::moreThanThere($worn, Length::metres($total));
        // where only backing lies, that is what is turned and moved
        $alone = $main->inMetres() <= 0;
        $moved = $removal === Removal::Off || $removal === Removal::OntoReel || $alone ? Length::metres($total) : $main;
        $lost = $removal->turns() && $backing !== [] && !$alone ? self::JOIN_LOST_M : 0.0;
        $stays = $moved === $main ? array_map(static fn(Length $piece): Remaining => new Remaining(Role::Backing, $piece), $backing) : [];
        $after = match (true) {
            $removal === Removal::CutBack => self::outerOff($backing, $main, $worn),
            $removal->turns() => [...$stays, ...self::turned($moved, $lost, $alone)],
            default => $stays,
        };

        return new self(
            $removal,
            match (true) {
                $removal === Removal::CutBack => $worn,
                $removal->turns() => Length::metres(0),
                default => $moved,
            },
            $after,
            $removal->windings(),
            Length::metres($removal->windings() * $moved->inMetres()),
            Length::metres($lost),
            match ($removal) {
                Removal::Off, Removal::MainOff => null,
                default => false,
            },
            match ($removal) {
                Removal::CutBack => $worn->inMetres() < $moved->inMetres(),
                Removal::TurnOver, Removal::Grass => $moved->inMetres() > $lost,
                // without backing these are all of it, which has a way of its own
                Removal::MainOff, Removal::ToSpare => !$alone,
                default => true,
            },
        );
    }

    /** All that stays on the spool. */
    public function stays(): Length
    {
        return Length::metres(array_sum(array_map(static fn(Remaining $each): float => $each->length->inMetres(), $this->after)));
    }

    /** How much of the outer end is usually worn after a season. */
    public static function usuallyWorn(Material $material, Length $outer): Length
    {
        return Length::metres(min($outer->inMetres() / 2, $material === Material::Braid ? self::WORN_BRAID_M : self::WORN_M));
    }

    /** @return list<Remaining> */
    private static function turned(Length $moved, float $lost, bool $alone): array
    {
        $length = $moved->inMetres() - $lost;

        return $length > 0 ? [new Remaining($alone ? Role::Backing : Role::Main, Length::metres($length), true)] : [];
    }

    /**
     * @param list<Length> $backing
     *
     * @return list<Remaining> what is left with so much of the outer end gone
     */
    private static function outerOff(array $backing, Length $main, Length $gone): array
    {
        $pieces = array_map(static fn(Length $piece): Remaining => new Remaining(Role::Backing, $piece), $backing);
        $pieces[] = new Remaining(Role::Main, $main);
        $after = [];
        foreach (OuterEnd::off([...$backing, $main], $gone) as $place => $off) {
            $rest = $pieces[$place]->length->minus($off);
            if ($rest->inMetres() > OuterEnd::NOTHING_M) {
                $after[] = new Remaining($pieces[$place]->role, $rest);
            }
        }

        return $after;
    }
}
