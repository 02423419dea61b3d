<?php

declare(strict_types=1);

namespace App\Runs;

use App\Clock;
use App\History\OldLine;
use App\Ledger\EventLog;
use App\Models\Angler;
use App\Models\Event as EventRow;
use App\Models\Run;
use App\Models\RunMark;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Ledger\BadLedger;
use Undro\Ledger\EventKind;
use Undro\Run\BadRun;
use Undro\Run\MarkKind;
use Undro\Run\Stop;
use Undro\Strip\Removal;

/** Takes in what happens in a run: each mark once, with whatever it ends written into the event log first. */
final readonly class RunLog
{
    /** What is told within so long is told at once, s. */
    private const LATE_S = 30.0;
    private const MOST_AGO_S = 7_776_000;
    /** What a mark says to the log alone: the filler a layer goes on from; what becomes of old line, and where it goes. */
    private const OWN_FIELDS = ['filler', 'how', 'to'];

    public function __construct(private EventLog $log, private OldLine $oldLine, private Winding $winding, private SpareSpool $spare) {}

    /**
     * Writes marks down, whole or not at all. One that is known already changes nothing.
     *
     * @param list<Input> $marks each with an id of the client's
     *
     * @return Going the run with them
     *
     * @throws \Undro\DomainFault if one cannot have happened
     */
    public function hear(Run $run, array $marks): Going
    {
        return DB::transaction(function () use ($run, $marks): Going {
            $going = new Going($run);
            foreach ($marks as $in) {
                $uuid = $in->text('id', 36);
                $known = RunMark::query()->where('uuid', $uuid)->first();
                if ($known === null && EventRow::query()->where('uuid', $uuid)->doesntExist()) {
                    $this->take($going, $uuid, $in);
                } elseif ($known?->run_id !== $run->id || $known->kind !== $in->choice('kind', MarkKind::class)) {
                    throw BadLedger::idOfSomethingElse($uuid);
                }
            }

            // read once with all of them: what cannot have happened is refused here
            $going->standing();

            return $going;
        });
    }

    /** Takes back all that a run wrote into the log. */
    public function takeBack(Run $run): void
    {
        DB::transaction(function () use ($run): void {
            $out = $this->log->takenBack();
            foreach (EventRow::query()->where('run_id', $run->id)->orderByDesc('id')->get() as $event) {
                if ($event->kind !== EventKind::Voided && !isset($out[$event->uuid])) {
                    $this->log->record((string) Str::uuid(), EventKind::Voided, [], corrects: $event->uuid, run: $run->id);
                }
            }
            $going = new Going($run);
            $this->spare->archiveIfEmpty($going->marks->fillers[$going->parkedLayer() ?? -1] ?? null);
            $run->update(['ended_at' => $run->ended_at ?? Clock::now()]);
        });
    }

    private function take(Going $going, string $uuid, Input $in): void
    {
        $run = $going->run;
        $kind = $in->choice('kind', MarkKind::class);
        $late = self::late($run, $in);
        $at = $late ?? Clock::now();
        $mark = array_intersect_key($in->all(), array_flip([...RunInput::FIELDS, ...self::OWN_FIELDS]));
        $heard = RunInput::mark($in);
        if ($kind === MarkKind::Turns) {
            $on = $in->optionalNumber('layer', 0, 20);
            $on === null || (int) $on === $going->layer() || throw BadRun::turnsOfAnotherLayer($heard->turns, (int) $on, $going->layer());
        }
        if ($kind === MarkKind::Stripped && $run->spool_id !== null && !$run->isPractice()) {
            $parked = $going->parkedLayer();
            if ($parked === null) {
                $this->oldLine->write($uuid, $run->spool_id, $in, $run->angler_id, $run->id);
            } else {
                // the same line goes on again: it waits on a spare spool
                $spare = $this->spare->for($run->spool_id, $uuid);
                $how = Input::of(['how' => Removal::OntoFiller->value, 'to' => $spare->id]);
                $this->oldLine->write($uuid, $run->spool_id, $how, $run->angler_id, $run->id);
                $mark = ['how' => Removal::OntoFiller->value, 'to' => $spare->id, 'filler' => $spare->id, 'layer' => $parked] + $mark;
            }
        }
        if ($kind === MarkKind::Again) {
            $mark += ['layer' => $going->layer()];
            $this->takeOff($going, $uuid);
        }
        if ($kind->mayEndALayer()) {
            $layer = $going->layer();
            $mark += ['layer' => $layer];
            if ($kind->endsALayer() || $going->layerAfter($heard) > $layer) {
                $mark += $this->winding->write($going, $uuid, $in->optionalChoice('stop', Stop::class), $late);
            }
        }
        $going->hear($kind, Input::of(['kind' => $kind->value, 'at' => $at] + $mark));
        $going->marks->seen = $run->marks()->create(['uuid' => $uuid, 'kind' => $kind, 'at' => $at, 'mark' => $mark])->id;
        if ($kind === MarkKind::Pace && $heard->pace !== null) {
            Angler::query()->whereKey($run->angler_id)->update(['pace_turns_per_min' => $heard->pace]);
        }
        if ($kind === MarkKind::Left || $kind === MarkKind::Finished) {
            $this->winding->writeLevel($going, $late);
            $this->spare->archiveIfEmpty($going->marks->fillers[$going->parkedLayer() ?? -1] ?? null);
            $run->update(['ended_at' => $at]);
        }
    }

    /** When it happened, where it is told late: so long ago as is said, but not before what was told of the run already. Null: now. */
    private static function late(Run $run, Input $in): ?string
    {
        $ago = $in->number('ago_s', 0, self::MOST_AGO_S, 0);
        if ($ago < self::LATE_S) {
            return null;
        }
        $last = $run->marks()->reorder()->orderByDesc('id')->value('at') ?? $run->started_at;

        return max(is_string($last) ? $last : '', Clock::ago($ago));
    }

    /** What is on of a layer that snapped comes off again, and goes to the waste. @throws \Undro\DomainFault if other line lies over it */
    private function takeOff(Going $going, string $uuid): void
    {
        $run = $going->run;
        $metres = $going->marks->writtenOf($going->layer());
        if ($metres > 0 && $run->spool_id !== null && !$run->isPractice()) {
            $off = Input::of(['how' => Removal::CutBack->value, 'metres' => $metres, 'words' => $run->name]);
            $this->oldLine->write($uuid, $run->spool_id, $off, $run->angler_id, $run->id);
        }
    }
}
