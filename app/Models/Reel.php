<?php

declare(strict_types=1);

namespace App\Models;

use App\Database\Row;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Support\Facades\DB;
use Undro\Fill\FullLevel;
use Undro\Fill\GapReasonId;
use Undro\Habit\FullMeans;
use Undro\Input\Bounds;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Match\LineRange;
use Undro\Spool\ReelKind;

/**
 * @property int                    $id
 * @property string                 $name
 * @property ReelKind               $kind
 * @property string                 $gear_ratio_typed
 * @property float|null             $gear_ratio
 * @property string                 $max_drag_typed
 * @property float|null             $max_drag_n
 * @property string                 $mono_range
 * @property string                 $braid_range
 * @property int|null               $angler_id
 * @property Angler|null            $angler
 * @property Collection<int, Spool> $spools
 */
final class Reel extends Record
{
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = [
        'angler_id' => null, 'gear_ratio' => null, 'max_drag_n' => null, 'archived_at' => null,
        'gear_ratio_typed' => '', 'max_drag_typed' => '', 'mono_range' => '', 'braid_range' => '', 'version' => 1,
    ];

    protected $casts = ['kind' => ReelKind::class];

    /** @return BelongsToMany<Spool, $this> */
    public function spools(): BelongsToMany
    {
        return $this->belongsToMany(Spool::class)->whereNull('archived_at')->orderBy('spools.id');
    }

    /** @return BelongsTo<Angler, $this> */
    public function angler(): BelongsTo
    {
        return $this->belongsTo(Angler::class);
    }

    /**
     * Reads the spools of all reels at once, with their stamps and measures; a long list asks for them this way.
     *
     * @param Collection<int, self> $reels
     */
    public static function readSpools(Collection $reels): void
    {
        $spools = [];
        foreach (Spool::inUse()->orderBy('id')->get() as $spool) {
            $spools[$spool->id] = $spool;
        }
        Spool::readAll($spools);
        $sits = [];
        foreach (Row::all(DB::table('reel_spool')->orderBy('spool_id'), ['reel_id', 'spool_id']) as $row) {
            $spool = $row->int('spool_id');
            if (isset($spools[$spool])) {
                $sits[$row->int('reel_id')][] = $spools[$spool];
            }
        }
        foreach ($reels as $reel) {
            $reel->setRelation('spools', new Collection($sits[$reel->id] ?? []));
        }
    }

    /** Whether a spool is one of this reel's. */
    public function takes(int $spool): bool
    {
        return $this->spools()->whereKey($spool)->exists();
    }

    /** Whose habits, limits and pace count for it: its own angler's, else those of whoever asks. */
    public function user(?Angler $asks): ?Angler
    {
        return $this->angler ?? $asks;
    }

    /** Where a spool in it counts as full with this line on top, by the habits of whoever fishes it. */
    public function fullLevel(Spool $spool, Line $line, ?Angler $asks): FullLevel
    {
        $angler = $this->user($asks);

        return FullLevel::of(
            $this->kind,
            $spool->lip,
            $spool->bevel(),
            $line,
            $spool->lay,
            $angler?->hasHabit('long_cast') ?? false,
            $angler?->hasHabit('beginner') ?? false,
            // beside a mark of its own the adjustments start off
            $spool->fullMark() === null ? [] : GapReasonId::adjustments(),
            $angler?->ownHabits()->full() ?? FullMeans::Rule,
            $spool->fullMark(),
        );
    }

    protected function read(TypedFigures $figures): void
    {
        $this->fill($figures->words(['name', 'kind']));
        if ($figures->has('gear_ratio')) {
            $this->gear_ratio_typed = $figures->text('gear_ratio');
            $this->gear_ratio = $figures->in->optionalNumber('gear_ratio', ...Bounds::GEAR_RATIO);
        }
        if ($figures->has('max_drag')) {
            $this->max_drag_typed = $figures->text('max_drag');
            $this->max_drag_n = $figures->in->optionalForce('max_drag', ...Bounds::FORCE_N)?->inNewtons();
        }
        foreach (['mono_range' => Material::Mono, 'braid_range' => Material::Braid] as $range => $material) {
            if ($figures->has($range)) {
                $typed = $figures->text($range);
                $typed === '' || $figures->in->read($range, static fn(): LineRange => LineRange::read($typed, $material));
                $this->setAttribute($range, $typed);
            }
        }
    }
}
