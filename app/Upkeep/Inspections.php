<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Ledger\Events;
use App\Ledger\SpoolState;
use App\Models\Inspection;
use Undro\Ledger\EventKind;
use Undro\Ledger\OnSpool;
use Undro\Units\Length;
use Undro\Upkeep\Inspection as Looked;

/** What was found on the lines that are on spools now, where it lies now; read once for all spools. */
final class Inspections
{
    /** @var array<int, list<Looked>>|null oldest first */
    private ?array $bySpool = null;

    public function __construct(private readonly Events $events) {}

    /**
     * Those that count of the main line that is on, the worst first.
     *
     * @param list<SpoolState>         $states of the spool, since its main line is on, oldest first
     * @param array<string, EventKind> $kinds  of their entries
     *
     * @return list<Looked>
     */
    public function of(int $spool, ?string $since, array $states, array $kinds): array
    {
        $found = [];
        foreach ($this->all()[$spool] ?? [] as $looked) {
            if ($looked->at < ($since ?? '')) {
                continue;
            }
            $now = self::asItLiesNow($looked, $states, $kinds);
            if ($now !== null) {
                $found[] = $now;
            }
        }

        return Looked::standing($found);
    }

    /**
     * When the end was lost last and nobody has cut it back or looked at it since.
     *
     * @param list<SpoolState>         $states
     * @param array<string, EventKind> $kinds
     */
    public function lostOn(int $spool, array $states, array $kinds): ?string
    {
        $lost = null;
        foreach ($states as $state) {
            $lost = match ($kinds[$state->event] ?? null) {
                EventKind::Lost => $state->at,
                EventKind::CutBack, EventKind::TurnedOver => null,
                default => $lost,
            };
        }
        foreach ($this->all()[$spool] ?? [] as $looked) {
            $lost = $lost !== null && $looked->at >= $lost ? null : $lost;
        }

        return $lost;
    }

    /** @return array<int, list<Looked>> */
    private function all(): array
    {
        if ($this->bySpool === null) {
            $this->bySpool = [];
            foreach ($this->events->standing(Inspection::query()) as ['at' => $at, 'row' => $inspection]) {
                $this->bySpool[$inspection->spool_id][] = $inspection->looked($at);
            }
        }

        return $this->bySpool;
    }

    /**
     * @param list<SpoolState>         $states
     * @param array<string, EventKind> $kinds
     */
    private static function asItLiesNow(Looked $looked, array $states, array $kinds): ?Looked
    {
        $before = null;
        foreach ($states as $state) {
            $length = OnSpool::of($state->pieces)->length();
            $kind = $kinds[$state->event] ?? null;
            if ($state->at > $looked->at && $before !== null) {
                if (in_array($kind, [EventKind::CutBack, EventKind::Lost], true)) {
                    $looked = $looked->cutBack(Length::metres(max(0.0, $before->inMetres() - $length->inMetres())));
                } elseif ($kind === EventKind::TurnedOver) {
                    $looked = $looked->turned($before);
                }
                if ($looked === null) {
                    return null;
                }
            }
            $before = $length;
        }

        return $looked;
    }
}
