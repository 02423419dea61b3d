<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\DragSetting;
use App\Models\Event;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Undro\Contract\Compute;
use Undro\Drag\Drift;
use Undro\Drag\Kept;
use Undro\Drag\Knob;
use Undro\Drag\Mechanism;
use Undro\Input\Bounds;
use Undro\Input\Input;
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
        DB::table('reel_spool')->where('reel_id', $reel)->where('spool_id', $spool)->exists() || throw BadSpool::ofAnotherReel();
        $figures = self::figures($reel, $spool, $in);
        $note = trim($in->text('note', 500));

        return DB::transaction(function () use ($uuid, $angler, $note, $figures, $at): DragSetting {
            $known = $this->log->known($uuid, EventKind::DragSet);
            if ($known !== null) {
                return DragSetting::query()->where('event_id', $known->id)->first() ?? throw BadLedger::idOfSomethingElse($uuid);
            }
            $event = $this->log->record($uuid, EventKind::DragSet, [], happenedAt: $at, angler: $angler, note: $note === '' ? null : $note);

            return DragSetting::query()->create(['event_id' => $event->id] + $figures);
        });
    }

    /**
     * A setting's figures as they are kept; refused here is what could not be read later.
     *
     * @return array<string, mixed>
     *
     * @throws \Undro\DomainFault
     */
    public static function figures(int $reel, int $spool, Input $in): array
    {
        $knob = $in->choice('knob', Knob::class);
        $target = $in->force('target_N', ...Bounds::FORCE_N);
        $pulls = $in->objects('pulls', 0, 200);
        if ($pulls !== []) {
            Compute::run('drag_next', ['target_N' => $target->inNewtons()] + array_intersect_key($in->all(), ['knob' => 1, 'pulls' => 1, 'limits' => 1]));
        }

        return [
            'reel_id' => $reel,
            'spool_id' => $spool,
            'mechanism' => $in->choice('mechanism', Mechanism::class)->value,
            'knob' => $knob,
            'from_off' => $in->boolean('from_off'),
            'tip' => $in->boolean('tip', true),
            'rod_angle_deg' => $in->optionalNumber('rod_angle_deg', 0, 180),
            'line_out_m' => $in->metres('line_out_m', 0, Bounds::LENGTH_M[1], 0.0)->inMetres(),
            'surface_mm' => $in->optionalDiameter('surface_mm', ...Bounds::SPOOL_MM)?->inMillimetres(),
            'target_n' => $target->inNewtons(),
            'weakest' => $in->text('weakest', 60),
            'weakest_n' => $in->force('weakest_N', ...Bounds::FORCE_N)->inNewtons(),
            'pulls' => array_map(static fn(Input $pull): array => [
                'position' => $pull->number('position', -1000, 1000),
                'running_N' => $pull->force('running_N', ...Bounds::FORCE_N)->inNewtons(),
                'start_up_N' => $pull->optionalForce('start_up_N', ...Bounds::FORCE_N)?->inNewtons(),
            ], $pulls),
            'chain' => $in->has('chain') ? $in->words('chain', 60) : [],
            'temperature' => trim($in->text('temperature', 40)),
        ];
    }

    /** @return Collection<int, DragSetting> what stands of a spool in its reel, oldest first */
    public function of(int $reel, int $spool): Collection
    {
        $out = $this->log->takenBack();

        return DragSetting::query()->with('event')->where(['reel_id' => $reel, 'spool_id' => $spool])->get()
            ->filter(static fn(DragSetting $setting): bool => !isset($out[$setting->event->uuid]))
            ->sortBy(static fn(DragSetting $setting): string => $setting->event->happened_at . str_pad((string) $setting->id, 12, '0', STR_PAD_LEFT))
            ->values();
    }

    /** @return list<string> when the fills of a spool were wound that stand, oldest first */
    public function fills(int $spool): array
    {
        $out = $this->log->takenBack();

        return array_values(Event::query()
            ->whereIn('kind', array_map(static fn(EventKind $kind): string => $kind->value, self::FILLS))
            ->whereHas('moves', static fn($move) => $move->where(['to_kind' => PlaceKind::Spool->value, 'to_id' => $spool]))
            ->orderBy('happened_at')->get()
            ->filter(static fn(Event $event): bool => !isset($out[$event->uuid]))
            ->map(static fn(Event $event): string => $event->happened_at)->unique()->all());
    }

    /**
     * What holds of a spool now: the last setting of its present fill, measured or made by hand, and the points measured since at other levels, the last of each.
     *
     * @param Collection<int, DragSetting> $settings oldest first
     * @param list<string>                 $fills    when the fills were wound, oldest first
     *
     * @return array{set: DragSetting|null, points: list<DragSetting>}
     */
    public static function now(Collection $settings, array $fills): array
    {
        $set = null;
        $points = [];
        foreach ($settings as $setting) {
            if ($fills !== [] && $setting->event->happened_at < $fills[count($fills) - 1]) {
                continue;
            }
            if ($setting->atAnotherLevel()) {
                $points = $setting->pulls === [] ? $points : [...array_filter($points, static fn(DragSetting $point): bool => abs($point->line_out_m - $setting->line_out_m) > DragSetting::SAME_LEVEL_M), $setting];
            } else {
                $set = $setting;
                $points = [];
            }
        }

        return ['set' => $set, 'points' => array_values($points)];
    }

    /** @param Collection<int, DragSetting> $settings oldest first */
    public static function drift(Collection $settings): ?Drift
    {
        $kept = [];
        foreach ($settings as $setting) {
            $one = self::kept($setting);
            if ($one !== null && !$setting->atAnotherLevel()) {
                $kept[] = $one;
            }
        }

        return Drift::of($kept);
    }

    /** @return Kept|null null: it was never measured */
    public static function kept(DragSetting $setting): ?Kept
    {
        $pulls = $setting->measured();

        return $pulls === null ? null : Kept::of($setting->knob, $pulls, $setting->from_off, $setting->tip, $setting->event->happened_at);
    }
}
