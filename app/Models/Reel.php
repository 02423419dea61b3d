<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * @property int                    $id
 * @property string                 $name
 * @property string                 $kind
 * @property string                 $gear_ratio_typed
 * @property float|null             $gear_ratio
 * @property string                 $max_drag_typed
 * @property float|null             $max_drag_n
 * @property int|null               $angler_id
 * @property Angler|null            $angler
 * @property Collection<int, Spool> $spools
 */
final class Reel extends Model
{
    use OwnedByAccount;

    protected $guarded = [];

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
}
