<?php

declare(strict_types=1);

namespace App\Log;

use App\Clock;
use App\Http\Resources\LineResource;
use App\Models\Angler;
use App\Models\Event;
use App\Models\Filler;
use App\Models\Outing;
use App\Models\Reel;
use App\Models\Spool;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Ledger\EventKind;
use Undro\Ledger\Piece;
use Undro\Spool\Usual;
use Undro\Upkeep\State;

/** What the spools need: the log's facts asked of the core. */
final class Care
{
    /** @var array<int, list<array<string, mixed>>>|null */
    private ?array $outings = null;
    /** @var array<int, array{price: string, for_m: float}>|null */
    private ?array $prices = null;

    public function __construct(private readonly EventLog $log) {}

    /**
     * Every spool in use with line on it, the most urgent first.
     *
     * @return list<array<string, mixed>>
     */
    public function all(?Angler $angler): array
    {
        $reels = Reel::inUse()->with('angler.habits')->orderBy('id')->get();
        Reel::readSpools($reels);
        $all = [];
        foreach ($reels as $reel) {
            foreach ($reel->spools as $spool) {
                $care = $this->of($reel, $spool, $angler);
                if ($care !== null) {
                    $all[] = $care;
                }
            }
        }
        $order = array_flip(array_map(static fn(State $state): string => $state->value, State::cases()));
        $urgent = static fn(array $care): array => [is_string($care['state']) ? $order[$care['state']] : 0, $care['due_on']];
        usort($all, static fn(array $a, array $b): int => $urgent($a) <=> $urgent($b));

        return $all;
    }

    /**
     * One spool in its reel; null: nothing lies on it, or its figures do not allow an answer.
     *
     * @param Angler|null $angler whose own limits and pace count where the reel is nobody's own
     *
     * @return array<string, mixed>|null
     */
    public function of(Reel $reel, Spool $spool, ?Angler $angler = null): ?array
    {
        $pieces = $this->log->lying($spool->id);
        if ($pieces === []) {
            return null;
        }
        $angler = $reel->angler ?? $angler;
        [$then, $turned] = $this->sinceFilled($spool->id, $pieces);
        $outer = $pieces[count($pieces) - 1];
        $under = array_values(array_filter($pieces, static fn(Piece $piece): bool => $piece->product !== $outer->product));
        $question = [
            'today' => substr(Clock::now(), 0, 10),
            'reel' => $reel->figures($spool),
            'spool' => $spool->figures(),
            'pieces' => array_map($this->piece(...), $pieces),
            'then' => array_map($this->piece(...), $then),
            'outings' => $this->outings()[$spool->id] ?? [],
            'turned_over' => $turned,
            'limits' => $angler?->limits() ?? [],
            'pace_turns_per_min' => $angler->pace_turns_per_min ?? Usual::PACE_TURNS_PER_MIN,
            'main_price' => $this->price($outer->product),
            'backing_price' => $under === [] ? null : $this->price($under[count($under) - 1]->product),
        ] + ($angler?->ways() ?? []);
        try {
            $care = Compute::run('upkeep', array_filter($question, static fn(mixed $value): bool => $value !== null && $value !== []));
        } catch (DomainFault) {
            return null;
        }
        $line = $this->log->products()[$outer->product];

        return ['reel' => $reel->id, 'reel_name' => $reel->name, 'spool' => $spool->id, 'spool_name' => $spool->name, 'angler' => $reel->angler_id, 'line' => $line->name, 'material' => $line->material, 'length_m' => array_sum(array_map(static fn(Piece $piece): float => $piece->product === $outer->product ? $piece->length->inMetres() : 0.0, $pieces)), 'since' => $outer->since] + $care;
    }

    /**
     * What lay on the spool when its main line had just been wound, and when it was turned over since.
     *
     * @param list<Piece> $pieces
     *
     * @return array{list<Piece>, string|null}
     */
    private function sinceFilled(int $spool, array $pieces): array
    {
        $since = $pieces[count($pieces) - 1]->since ?? '';
        $then = [];
        $turned = null;
        $states = $this->log->states($spool, $since);
        $kinds = Event::query()->whereIn('uuid', array_column($states, 'event'))->pluck('kind', 'uuid')->all();
        foreach ($states as $state) {
            $kind = $kinds[$state['event']] ?? '';
            if ($kind === EventKind::TurnedOver->value) {
                $turned = $state['at'];
            }
            // full again whenever line was put on
            if ($then === [] || in_array($kind, [EventKind::Wound->value, EventKind::ToppedUp->value], true)) {
                $then = $state['pieces'];
            }
        }

        return [$then, $turned];
    }

    /** @return array<string, mixed> */
    private function piece(Piece $piece): array
    {
        $line = $this->log->facts($piece->product, LineResource::facts(...));

        return ['material' => $line['material'], 'diameter_mm' => $line['diameter_mm'], 'length_m' => $piece->length->inMetres(), 'since' => $piece->since ?? substr(Clock::now(), 0, 10)];
    }

    /** @return array<int, list<array<string, mixed>>> what stands, by spool, since the oldest line that is still on one */
    private function outings(): array
    {
        if ($this->outings === null) {
            $this->outings = [];
            $since = Clock::now();
            foreach (Spool::inUse()->pluck('id')->all() as $spool) {
                $pieces = is_int($spool) ? $this->log->lying($spool) : [];
                $since = min($since, $pieces === [] ? $since : $pieces[count($pieces) - 1]->since ?? $since);
            }
            $out = $this->log->takenBack();
            $rows = Outing::query()->join('events', 'events.id', '=', 'outings.event_id')->where('events.happened_at', '>=', substr($since, 0, 10))->get(['outings.*', 'events.happened_at', 'events.uuid']);
            foreach ($rows as $row) {
                /** @var array{spool_id: int, uuid: string, happened_at: string, sun: int|bool, rough: int|bool, cast_m: float|null, run_m: float|null} $is */
                $is = $row->getAttributes();
                if (!isset($out[$is['uuid']])) {
                    $this->outings[$is['spool_id']][] = ['at' => $is['happened_at'], 'sun' => (bool) $is['sun'], 'rough' => (bool) $is['rough'], 'cast_m' => $is['cast_m'], 'run_m' => $is['run_m']];
                }
            }
        }

        return $this->outings;
    }

    /** @return array{price: string, for_m: float}|null what was paid for this line last */
    private function price(int $product): ?array
    {
        if ($this->prices === null) {
            $this->prices = [];
            foreach (Filler::query()->where('price', '!=', '')->orderBy('id')->get() as $filler) {
                $this->prices[$filler->line_product_id] = ['price' => $filler->price, 'for_m' => $filler->full_length_m];
            }
        }

        return $this->prices[$product] ?? null;
    }
}
