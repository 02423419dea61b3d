<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Undro\Input\Bounds;
use Undro\Line\Material;
use Undro\Match\LineRange;

/**
 * @property int                    $id
 * @property string                 $name
 * @property string                 $kind
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
final class Reel extends Model
{
    use OwnedByAccount;
    use Versioned;

    public $timestamps = false;
    protected $guarded = [];
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = ['angler_id' => null, 'gear_ratio' => null, 'max_drag_n' => null, 'archived_at' => null, 'gear_ratio_typed' => '', 'max_drag_typed' => '', 'mono_range' => '', 'braid_range' => '', 'version' => 1];

    /** @return BelongsToMany<Spool, $this> */
    public function spools(): BelongsToMany
    {
        return $this->belongsToMany(Spool::class)->whereNull('archived_at')->orderBy('spools.id');
    }

    /**
     * Reads the spools of all reels at once, with their stamps and measures; a long list asks for them this way.
     *
     * @param Collection<int, self> $reels
     */
    public static function readSpools(Collection $reels): void
    {
        $spools = Spool::query()
            ->join('reel_spool', 'reel_spool.spool_id', '=', 'spools.id')
            ->whereNull('spools.archived_at')
            ->orderBy('spools.id')
            ->get(['spools.*', 'reel_spool.reel_id']);
        $stamps = Rating::query()->get()->keyBy('spool_id')->all();
        $byReel = [];
        foreach ($spools as $spool) {
            /** @var array{id: int, reel_id: int} $is plain arrays: a model's magic costs more than the rest */
            $is = $spool->getAttributes();
            $spool->setRelation('rating', $stamps[$is['id']] ?? null);
            $byReel[$is['reel_id']][] = $spool;
        }
        Spool::readMeasures($spools);
        foreach ($reels as $reel) {
            $reel->setRelation('spools', new Collection($byReel[$reel->id] ?? []));
        }
    }

    /** @return array<string, mixed> its figures with a spool in it, as the calculators take them */
    public function figures(Spool $spool): array
    {
        return ['kind' => $this->kind, 'lip' => $spool->lip, 'bevel_depth_mm' => $spool->measures()['bevel_depth'] ?: null, 'gear_ratio' => $this->gear_ratio];
    }

    /** @return BelongsTo<Angler, $this> */
    public function angler(): BelongsTo
    {
        return $this->belongsTo(Angler::class);
    }

    /** @throws \Undro\DomainFault naming the figure that cannot be */
    public function take(TypedFigures $figures): void
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
        $archived = $figures->flag('archived');
        if ($archived !== null) {
            $this->setArchived($archived);
        }
        $this->save();
    }
}
