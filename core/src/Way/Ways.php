<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\DomainFault;
use Undro\Fill\Fill;
use Undro\Habit\BackingSchool;
use Undro\Habit\Question;
use Undro\Line\Material;
use Undro\Units\Length;
use Undro\Units\Sentence;

/**
 * The ways to fill one spool with one main line, side by side, and the one to take. All of them rest on the same volume.
 * Source: handbook, chapters 1 and 2.
 */
final readonly class Ways
{
    /** What holds slick braid on a bare arbor: about ten firm wraps of nylon. */
    public const GRIP_M = 3.0;
    /** Of a main line that goes on but for this much, all is said to go on. */
    private const ALL_BUT = 0.95;
    /** So far off full a main line over backing that stays is still taken, mm, or as a share of its room. Ours. */
    private const KEPT_MM = 1.0;
    private const KEPT_ROOM = 0.1;

    /** @param non-empty-list<Way> $ways */
    private function __construct(public array $ways, public WayId $pick, public Sentence $why, public ?Sentence $departs) {}

    /**
     * @param Wanted     $wanted with the main line's length and a backing to compare with
     * @param float|null $pace   handle turns a minute
     * @param bool       $spare  an identical spare spool is at hand
     *
     * @throws BadWay|\Undro\Fill\BadFill|\Undro\Spool\BadSpool
     */
    public static function of(Wanted $wanted, ?float $pace, bool $spare): self
    {
        $each = WayCalculator::of($wanted, $pace);
        $whole = $each->whole();
        $kept = $wanted->kept === null ? [] : [self::attempt(WayId::Kept, static fn(): Way => $each->kept($wanted->kept))];
        $ways = [
            $whole->fits() ? $each->backing($whole) : self::full(WayId::Backing),
            $each->mainOnly(),
            self::attempt(WayId::Grip, $each->grip(...)),
            self::attempt(WayId::Sleeve, $each->sleeve(...)),
            self::attempt(WayId::Tape, $each->tape(...)),
            $whole->fits() ? $each->turnOver($whole, $spare) : self::full(WayId::TurnOver),
        ];
        [$own, $why] = self::keeping($wanted, $kept[0] ?? null) ?? self::own($wanted, $whole, $ways[0], $ways[1]);
        $pick = self::byHabit($own, $wanted, $whole->fits());

        return new self(
            [...$kept, ...$ways],
            $pick,
            $why,
            $pick === $own
                ? null
                : Sentence::of("Your preference is “{$pick->word()}”. Undro’s own choice would be “{$own->word()}”."),
        );
    }

    /** One of them, also where it does not work here. */
    public function find(WayId $id): Way
    {
        foreach ($this->ways as $way) {
            if ($way->id === $id) {
                return $way;
            }
        }
        throw new \LogicException("No way $id->value.");
    }

    private static function full(WayId $id): Way
    {
        return Way::impossible($id, BadWay::noRoomToSave()->says);
    }

    /** @param callable(): Way $make */
    private static function attempt(WayId $id, callable $make): Way
    {
        try {
            return $make();
        } catch (DomainFault $fault) {
            return Way::impossible($id, $fault->says);
        }
    }

    /**
     * Backing that stays, where it is sound and this main line comes out near the full level on it.
     *
     * @return array{WayId, Sentence}|null
     */
    private static function keeping(Wanted $wanted, ?Way $kept): ?array
    {
        if ($wanted->kept?->sound !== true || $kept?->fill === null) {
            return null;
        }
        $off = $kept->level === null
            ? abs($kept->fill->filledFraction - 1) > self::KEPT_ROOM
            : abs($kept->level->depth->inMillimetres() - $wanted->gap->inMillimetres()) > self::KEPT_MM;

        return $off ? null : [
            WayId::Kept,
            Sentence::of('The backing stays. You buy, cut and wind only main line, and the figures are surer.'),
        ];
    }

    /**
     * What Undro itself would take, and why.
     *
     * @return array{WayId, Sentence}
     */
    private static function own(Wanted $wanted, Fill $whole, Way $backed, Way $mainOnly): array
    {
        $backing = $whole->solved?->band->middle ?? Length::metres(0);
        $most = $mainOnly->fill?->solved?->band->middle;

        return match (true) {
            $most !== null && $most->inMetres() < self::ALL_BUT * ($wanted->mainLength?->inMetres() ?? 0) => [
                WayId::MainOnly,
                Sentence::of('The main line doesn’t fit on this spool. Without backing there is room for {0}.', $most),
            ],
            $backing->inMetres() < self::GRIP_M => [
                $wanted->slick() ? WayId::Grip : WayId::MainOnly,
                Sentence::of(self::byItself($wanted)),
            ],
            default => [
                WayId::Backing,
                Sentence::of(
                    'The spool is deeper than the main line needs. {0} of backing ' . self::listed(
                        self::backingIs($wanted, $backed, $mainOnly),
                    ) . '.',
                    $backing,
                ),
            ],
        };
    }

    /** What to say where hardly any backing fits. */
    public static function byItself(Wanted $wanted): string
    {
        return $wanted->slick()
            ? 'The braid fills this spool by itself, but it can spin on a bare arbor. A little mono stops that, and saves as much braid.'
            : 'The main line fills this spool by itself, so it needs no backing.';
    }

    /**
     * What backing does here, as far as it is true of these lines and these prices.
     *
     * @return non-empty-list<string>
     */
    private static function backingIs(Wanted $wanted, Way $backed, Way $mainOnly): array
    {
        $braidUnder = $wanted->backing?->material === Material::Braid;
        $more = $wanted->main->material === Material::Braid ? 'braid' : 'more main line';
        $saved = $backed->cost === null ? null : $mainOnly->cost?->minus($backed->cost)?->amount;
        $does = ['fills it'];
        if ($saved === null ? !$braidUnder : $saved > 0) {
            $does[] = "costs less than $more";
        } elseif ($saved !== null && $saved < 0) {
            $does[] = "costs more than $more at the prices you paid";
        }
        if ($wanted->slick() && !$braidUnder) {
            $does[] = 'holds the braid on the arbor';
        }

        return $does;
    }

    /** @param non-empty-list<string> $parts */
    private static function listed(array $parts): string
    {
        $last = array_pop($parts);

        return $parts === [] ? $last : implode(', ', $parts) . (count($parts) > 1 ? ',' : '') . " and $last";
    }

    /** What the angler's habits make of it. */
    private static function byHabit(WayId $own, Wanted $wanted, bool $room): WayId
    {
        $way = $own === WayId::Kept || $wanted->main->material !== Material::Braid ? $own : match ($wanted->habits->backing()) {
            BackingSchool::Rule => $own,
            BackingSchool::Some => $room ? WayId::Backing : $own,
            BackingSchool::Grip => WayId::Grip,
            BackingSchool::None => $wanted->grips || !$room ? WayId::MainOnly : WayId::Tape,
        };

        return $way === WayId::Backing && $wanted->habits->school(Question::HowMuch) === 'turn_over' ? WayId::TurnOver : $way;
    }
}
