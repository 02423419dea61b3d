<?php

declare(strict_types=1);

namespace App\Drag;

use App\Ledger\EventLog;
use App\Models\DragSetting;
use App\Models\Event;
use App\Models\Reel;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Undro\Drag\BadDrag;
use Undro\Drag\Mechanism;
use Undro\Drag\Pull;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\PullsInput;
use Undro\Ledger\BadLedger;
use Undro\Ledger\EventKind;
use Undro\Ledger\PlaceKind;
use Undro\Spool\BadSpool;

/** The drag settings of the log. */
final readonly class DragLog
{
    /** What puts line on a spool, and so begins another fill. */
    private const FILLS = [EventKind::Wound, EventKind::FoundOnSpool, EventKind::Moved, EventKind::TurnedOver, EventKind::ToppedUp];

    public function __construct(private EventLog $log) {}

    /**
     * Writes a setting down; one that is known changes nothing.
     *
     * @param string|null $at ISO 8601, UTC; null: now
     *
     * @throws \Undro\DomainFault
     */
    public function write(string $uuid, int $reel, int $spool, ?int $angler, Input $in, ?string $at): DragSetting
    {
        Reel::query()->find($reel)?->takes($spool) === true || throw BadSpool::ofAnotherReel();
        $setting = self::read($reel, $spool, $in);
        $came = $setting->measured();
        $came === null || !$came->scattered() || $setting->atAnotherLevel() || $in->boolean('scattered')
            || throw BadDrag::scattered($came);
        $note = trim($in->text('note', 500));

        return DB::transaction(function () use ($uuid, $angler, $note, $setting, $at): DragSetting {
            $known = $this->log->known($uuid, EventKind::DragSet);
            if ($known !== null) {
                return DragSetting::query()->where('event_id', $known->id)->first() ?? throw BadLedger::idOfSomethingElse($uuid);
            }
            $event = $this->log->record($uuid, EventKind::DragSet, [], happenedAt: $at, angler: $angler, note: $note === '' ? null : $note);
            $setting->event_id = $event->id;
            $setting->save();

            return $setting;
        });
    }

    /**
     * A setting as it is told, not yet kept; refused here is what could not be read later.
     *
     * @throws \Undro\DomainFault
     */
    public static function read(int $reel, int $spool, Input $in): DragSetting
    {
        $read = PullsInput::read($in);

        return new DragSetting([
            'reel_id' => $reel,
            'spool_id' => $spool,
            'mechanism' => $in->choice('mechanism', Mechanism::class),
            'knob' => $read->knob,
            'from_off' => $in->boolean('from_off'),
            'tip' => $in->boolean('tip', true),
            'rod_angle_deg' => $in->optionalNumber('rod_angle_deg', 0, 180),
            'line_out_m' => $in->metres('line_out_m', 0, Bounds::LENGTH_M[1], 0.0)->inMetres(),
            'surface_mm' => $in->optionalDiameter('surface_mm', ...Bounds::SPOOL_MM)?->inMillimetres(),
            'target_n' => $in->force('target_N', ...Bounds::FORCE_N)->inNewtons(),
            'weakest' => $in->text('weakest', 60),
            'weakest_n' => $in->force('weakest_N', ...Bounds::FORCE_N)->inNewtons(),
            'pulls' => array_map(static fn(Pull $pull): array => [
                'position' => $pull->position,
                'running_N' => $pull->running?->inNewtons(),
                'start_up_N' => $pull->startUp?->inNewtons(),
            ], $read->pulls),
            'chain' => $in->has('chain') ? $in->words('chain', 60) : [],
            'temperature' => trim($in->text('temperature', 40)),
        ]);
    }

    /** What stands of a spool in its reel. */
    public function of(int $reel, int $spool): Settings
    {
        $out = $this->log->takenBack();
        $order = static fn(DragSetting $setting): string => $setting->event->happened_at . str_pad(
            (string) $setting->id,
            12,
            '0',
            STR_PAD_LEFT,
        );

        return new Settings(
            DragSetting::query()->with('event')->where(['reel_id' => $reel, 'spool_id' => $spool])->get()
                ->filter(static fn(DragSetting $setting): bool => !isset($out[$setting->event->uuid]))
                ->sortBy($order)
                ->values(),
            $this->fills($spool, $out),
        );
    }

    /**
     * @param array<array-key, true> $out entries that do not stand
     *
     * @return list<string> when the fills of a spool were wound that stand, oldest first
     */
    private function fills(int $spool, array $out): array
    {
        $events = Event::query()
            ->whereIn('kind', array_map(static fn(EventKind $kind): string => $kind->value, self::FILLS))
            ->whereHas(
                'moves',
                static fn(Builder $move): Builder => $move->where(['to_kind' => PlaceKind::Spool->value, 'to_id' => $spool]),
            )
            ->orderBy('happened_at')->get();

        return array_values($events
            ->filter(static fn(Event $event): bool => !isset($out[$event->uuid]))
            ->map(static fn(Event $event): string => $event->happened_at)->unique()->all());
    }
}
