<?php

declare(strict_types=1);

namespace App\Runs;

use App\Ledger\EventLog;
use App\Models\LevelReading;
use Illuminate\Support\Str;
use Undro\Ledger\BadLedger;
use Undro\Ledger\Count;
use Undro\Ledger\EventKind;
use Undro\Ledger\How;
use Undro\Ledger\Move;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Run\BadRun;
use Undro\Run\Stop;
use Undro\Units\Length;

/** Writes into the event log what a run has wound, and how full it came out. */
final readonly class Winding
{
    /** Less than this is not worth an entry, m. */
    private const NOTHING_M = 0.05;

    public function __construct(private EventLog $log) {}

    /**
     * Writes what is on the layer being wound and not yet in the log.
     *
     * @param string|null $late when it stopped, where that is told late
     *
     * @return array<string, float|string|null> how much, m; half its band, m; and how it is known
     */
    public function write(Going $going, string $uuid, ?Stop $stop, ?string $late): array
    {
        $layer = $going->layer();
        $now = $going->standing()->progress;
        $metres = $now->wound[$layer]->inMetres() - $going->marks->writtenOf($layer);
        if ($metres < self::NOTHING_M) {
            return ['written_m' => 0.0];
        }
        $this->liesOnNothingOld($going) || throw BadRun::notParked();
        $half = sqrt(max(0.0, $now->woundHalf[$layer]->inMetres() ** 2 - $going->marks->squaredHalfOf($layer)));
        if ($going->run->spool_id !== null && !$going->run->isPractice()) {
            $length = Length::metres($metres);
            $this->wind($going, $uuid, $layer, $length, Length::metres($half), $now->known[$layer], $stop === Stop::FillerOut, $late);
        }

        return ['written_m' => $metres, 'half_m' => $half, 'known' => How::text($now->known[$layer])];
    }

    /** Whether a line that was to wait on a spare spool is off in the log too: what is wound now would lie over it. */
    private function liesOnNothingOld(Going $going): bool
    {
        $parked = $going->parkedLayer();
        [$run, $marks] = [$going->run, $going->marks];

        return $parked === null || $run->isPractice() || $run->spool_id === null || isset($marks->fillers[$parked]) || $marks->written !== []
            || $this->log->ledger()->at(Place::of(PlaceKind::Spool, $run->spool_id)) === [];
    }

    /** How full the finished spool came out, as it was read in the run: what plans learn from. */
    public function writeLevel(Going $going, ?string $late): void
    {
        $run = $going->run;
        $depths = array_map(static fn(Length $depth): float => $depth->inMillimetres(), $going->marks->level);
        if ($run->spool_id === null || $run->isPractice() || $depths === []) {
            return;
        }
        $gap = array_sum($depths) / count($depths);
        $event = $this->log->record(
            (string) Str::uuid(),
            EventKind::Measured,
            [],
            happenedAt: $late,
            angler: $run->angler_id,
            note: $run->name,
            run: $run->id,
        );
        LevelReading::query()->create([
            'event_id' => $event->id,
            'spool_id' => $run->spool_id,
            'gap_typed' => sprintf('%.2F mm', $gap),
            'gap_mm' => $gap,
            'readings' => count($depths),
            'counts' => true,
        ]);
    }

    /**
     * Line from where it comes from onto the spool.
     *
     * @param Length    $half  half the band of the length
     * @param list<How> $known
     * @param string|null $late when it stopped, where that is told late
     */
    private function wind(Going $going, string $uuid, int $layer, Length $length, Length $half, array $known, bool $emptied, ?string $late): void
    {
        $run = $going->run;
        [$from, $product] = self::source($going, $layer);
        $onto = Place::of(PlaceKind::Spool, $run->spool_id ?? 0);
        // a filler may hold more than its label said: what was not known of comes from nowhere known
        $holds = $from === null ? 0.0 : $this->holds($from, $product);
        $there = min($length->inMetres(), $holds);
        $rest = $length->inMetres() - $there;
        $moves = [];
        if ($from !== null && $there > 1e-6) {
            $moves[] = Move::of($from, $onto, Length::metres($there), $product, $half, $known);
        }
        if ($rest > 1e-6) {
            // the half band stands with one part: the other is only what the record lacked
            $of = $moves === [] ? $half : null;
            $place = Place::of($from === null ? PlaceKind::Shop : PlaceKind::Unseen);
            $moves[] = Move::of($place, $onto, Length::metres($rest), $product, $of, $known);
        }
        if ($emptied && $from?->kind === PlaceKind::Spool && $holds - $there > 1e-6) {
            // its main line ended sooner than was written; what lies under it stays
            $moves[] = Move::of($from, Place::of(PlaceKind::Unseen), Length::metres($holds - $there), $product);
        }
        $counts = $emptied && $from?->kind === PlaceKind::Filler ? [new Count($from, Length::metres(0), $product)] : [];
        $write = fn(?string $happened) => $this->log->record(
            $uuid,
            EventKind::Wound,
            $moves,
            $counts,
            $happened,
            $run->angler_id,
            note: $run->name,
            run: $run->id,
        );
        try {
            $write($late);
        } catch (BadLedger $fault) {
            // meanwhile something was written that it cannot have stood before: then it stands after that
            $late !== null || throw $fault;
            $write(null);
        }
    }

    /** How much of a line there is to wind off a place: of a spool what lies outermost, m. */
    private function holds(Place $from, int $product): float
    {
        return $from->kind === PlaceKind::Spool
            ? Piece::total(Piece::outermost($this->log->ledger()->at($from), $product))->inMetres()
            : $this->log->ledger()->length($from)->inMetres();
    }

    /**
     * What the filler holds that the layer being wound comes off, where nothing of it is in the log yet.
     *
     * @return array{left_m: float, half_m: float|null, unlike: bool, likely: bool}|null null: it comes off no filler that is known, or some is written
     */
    public function filler(Going $going): ?array
    {
        $layer = $going->layer();
        $filler = $going->marks->fillers[$layer] ?? ($going->run->setOutWith()->sources()[$layer] ?? null)?->filler;
        if ($filler === null || $going->run->isPractice() || $going->marks->writtenOf($layer) > 0) {
            return null;
        }
        $from = Place::of(PlaceKind::Filler, $filler);
        [$left, $half] = [$this->log->ledger()->length($from), $this->log->ledger()->half($from)];
        $now = $going->standing()->progress;

        return [
            'left_m' => $left->inMetres(),
            'half_m' => $half?->inMetres(),
            'unlike' => $now->unlikeFiller($left, $half),
            'likely' => $now->mayBeOn($left),
        ];
    }

    /**
     * Where a layer's line comes from, the last filler that was named for it, and which line it is.
     *
     * @return array{Place|null, int}
     */
    private static function source(Going $going, int $layer): array
    {
        $source = $going->run->setOutWith()->sources()[$layer] ?? throw BadRun::noSuchLayer($layer, 0);
        $filler = $going->marks->fillers[$layer] ?? $source->filler;
        $place = match (true) {
            $filler !== null => Place::of(PlaceKind::Filler, $filler),
            $source->spool !== null => Place::of(PlaceKind::Spool, $source->spool),
            default => null,
        };

        return [$place, $source->line ?? throw BadRun::noSuchLayer($layer, 0)];
    }
}
