<?php

declare(strict_types=1);

namespace App\Runs;

use App\Ledger\EventLog;
use App\Ledger\SpoolStates;
use App\Models\Filler;
use Illuminate\Support\Carbon;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Line\OuterEnd;
use Undro\Strip\BadStrip;

/** The spare spool that a main line waits on while backing goes under it: it stands in the rack for as long as line is on it. */
final readonly class SpareSpool
{
    public function __construct(private EventLog $log, private SpoolStates $states) {}

    /** Creates one for the main line of a spool. @throws BadStrip if nothing lies there */
    public function for(int $spool, string $uuid): Filler
    {
        $main = OnSpool::of($this->states->lying($spool))->main;
        $line = ($main[0] ?? throw BadStrip::nothingThere())->product;
        $metres = Piece::total($main)->inMetres();
        $spare = new Filler(['line_product_id' => $line, 'key' => $uuid]);
        $spare->name = 'on a spare spool';
        $spare->full_length_typed = sprintf('%.1F m', $metres);
        $spare->full_length_m = $metres;
        $spare->save();

        return $spare;
    }

    /** Archives it once nothing is on it any more. */
    public function archiveIfEmpty(?int $filler): void
    {
        $spare = $filler === null ? null : Filler::query()->find($filler);
        if ($spare !== null && $this->log->ledger()->length($spare->place())->inMetres() < OuterEnd::NOTHING_M) {
            $spare->update(['archived_at' => $spare->archived_at ?? Carbon::now()]);
        }
    }
}
