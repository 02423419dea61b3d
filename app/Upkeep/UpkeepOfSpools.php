<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Clock;
use App\Learning\AsLearnt;
use App\Ledger\Lines;
use App\Ledger\SpoolState;
use App\Ledger\SpoolStates;
use App\Models\Angler;
use App\Models\Event;
use App\Models\Reel;
use App\Models\Spool;
use App\Stock\Packs;
use Undro\DomainFault;
use Undro\Ledger\EventKind;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Spool\Usual;
use Undro\Upkeep\Facts;
use Undro\Upkeep\Limits;
use Undro\Upkeep\State;
use Undro\Upkeep\Upkeep;
use Undro\Upkeep\Wear;

/** What the spools need: the log's facts asked of the core. */
final readonly class UpkeepOfSpools
{
    public function __construct(
        private SpoolStates $states,
        private Lines $lines,
        private Outings $outings,
        private Inspections $inspections,
        private Shelf $shelf,
        private Packs $packs,
        private AsLearnt $learnt,
        private UsualBacking $backing,
    ) {}

    /**
     * Every spool in use with line on it, the most urgent first.
     *
     * @param Angler|null $angler whose own limits and pace count where a reel is nobody's own
     *
     * @return list<SpoolUpkeep>
     */
    public function all(?Angler $angler): array
    {
        $reels = Reel::inUse()->with('angler.habits')->orderBy('id')->get();
        Reel::readSpools($reels);
        $this->shelf->readAhead();
        $all = [];
        foreach ($reels as $reel) {
            foreach ($reel->spools as $spool) {
                $all[] = $this->of($reel, $spool, $angler);
            }
        }
        $all = array_values(array_filter($all));
        $urgent = static fn(SpoolUpkeep $each): array => [
            array_search($each->upkeep->state, State::cases(), true),
            $each->upkeep->wear->dueOn,
        ];
        usort($all, static fn(SpoolUpkeep $a, SpoolUpkeep $b): int => $urgent($a) <=> $urgent($b));

        return $all;
    }

    /**
     * One spool in its reel; null: nothing lies on it, or its figures do not allow an answer.
     *
     * @param Angler|null $angler whose own limits and pace count where the reel is nobody's own
     */
    public function of(Reel $reel, Spool $spool, ?Angler $angler = null): ?SpoolUpkeep
    {
        $pieces = $this->states->lying($spool->id);
        $on = OnSpool::of($pieces);
        $line = $on->line();
        if ($line === null) {
            return null;
        }
        $user = $reel->user($angler);
        $backing = $on->backingLine() ?? $this->backing->under($line);
        try {
            $upkeep = $this->upkeep($reel, $spool, $user, $pieces, $on, $line, $backing);
        } catch (DomainFault) {
            return null;
        }

        return new SpoolUpkeep(
            $reel,
            $spool,
            $this->lines->product($line),
            $on->length(),
            $on->since(),
            $upkeep,
            $user->pace_turns_per_min ?? Usual::PACE_TURNS_PER_MIN,
            $backing,
        );
    }

    /**
     * @param list<Piece> $pieces from the arbor out
     * @param int         $line   which the main line is
     * @param int|null    $under  which line lies under it, or would go under it
     *
     * @throws DomainFault
     */
    private function upkeep(Reel $reel, Spool $spool, ?Angler $angler, array $pieces, OnSpool $on, int $line, ?int $under): Upkeep
    {
        $today = Clock::today();
        $states = $this->states->of($spool->id, $on->since() ?? '');
        $kinds = self::kinds($states);
        [$then, $turned] = self::sinceFilled($states, $kinds);
        $main = $this->lines->line($line);
        $wear = Wear::of(
            $main->material,
            $angler?->limits($main->material) ?? Limits::usual($main->material),
            $on->since() ?? $today,
            $this->outings->of($spool->id),
            $turned,
            $today,
            $this->shelf->months($spool->id, $on->since()),
        );

        return Upkeep::of(new Facts(
            $reel->kind,
            $this->learnt->shape($spool, $reel->kind),
            $this->learnt->layers($pieces),
            $this->learnt->layers($then),
            $wear,
            $reel->fullLevel($spool, $main, $angler)->gap,
            $reel->gear_ratio,
            $this->packs->paidPerMetre($line),
            $under === null ? null : $this->packs->paidPerMetre($under),
            $this->inspections->of($spool->id, $on->since(), $states, $kinds),
            $this->inspections->lostOn($spool->id, $states, $kinds),
            $turned,
            $under === null || $on->backing !== [] ? null : $this->lines->line($under),
        ), $today);
    }

    /**
     * What lay on the spool when its main line had just been wound, and when it was turned over since.
     *
     * @param list<SpoolState>         $states since its main line is on, oldest first
     * @param array<string, EventKind> $kinds  of their entries
     *
     * @return array{list<Piece>, string|null}
     */
    private static function sinceFilled(array $states, array $kinds): array
    {
        $then = [];
        $turned = null;
        foreach ($states as $state) {
            $kind = $kinds[$state->event] ?? null;
            if ($kind === EventKind::TurnedOver) {
                $turned = $state->at;
            }
            // full again whenever line was put on
            if ($then === [] || in_array($kind, [EventKind::Wound, EventKind::ToppedUp], true)) {
                $then = $state->pieces;
            }
        }

        return [$then, $turned];
    }

    /**
     * What kind of entry each state comes from.
     *
     * @param list<SpoolState> $states
     *
     * @return array<string, EventKind>
     */
    public static function kinds(array $states): array
    {
        $kinds = [];
        foreach (Event::query()->whereIn(
            'uuid',
            array_map(static fn(SpoolState $state): string => $state->event, $states),
        )->get(['uuid', 'kind']) as $event) {
            $kinds[$event->uuid] = $event->kind;
        }

        return $kinds;
    }
}
