<?php

declare(strict_types=1);

namespace App\Learning;

use App\Ledger\Events;
use App\Ledger\SpoolStates;
use App\Models\LevelReading;
use Undro\DomainFault;
use Undro\Ledger\Piece;
use Undro\Spool\Spool;
use Undro\Units\Length;

/** The levels that were read and stand, each with what lay on the spool. */
final readonly class LevelsRead
{
    public function __construct(private Events $events, private SpoolStates $states) {}

    /**
     * @param array<int, Spool> $shapes spools whose shape says what a level means, by number
     *
     * @return list<LevelRead> oldest first
     */
    public function on(array $shapes): array
    {
        $past = [];
        $read = [];
        foreach ($this->events->standing(LevelReading::query()) as ['at' => $at, 'uuid' => $uuid, 'row' => $reading]) {
            $shape = $shapes[$reading->spool_id] ?? null;
            if ($shape === null) {
                continue;
            }
            // readings come oldest first, so each spool's states are gone through once
            $past[$reading->spool_id] ??= new Past($this->states->of($reading->spool_id));
            $layers = array_map(
                static fn(Piece $piece): array => ["line $piece->product", $piece->length],
                $past[$reading->spool_id]->at($at),
            );
            $gap = Length::millimetres($reading->gap_mm);
            if ($layers !== [] && self::holds($shape, $gap)) {
                $read[] = new LevelRead(
                    $uuid,
                    $at,
                    $reading->spool_id,
                    $reading->gap_typed,
                    $gap,
                    $reading->readings,
                    $reading->counts,
                    $reading->keep,
                    $layers,
                );
            }
        }

        return $read;
    }

    /** Whether there can be a level at this gap. */
    private static function holds(Spool $shape, Length $gap): bool
    {
        try {
            $shape->fullVolume($gap);
        } catch (DomainFault) {
            return false;
        }

        return true;
    }
}
