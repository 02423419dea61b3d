<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Undro\Ledger\EventKind;

/**
 * One entry of the append-only log; the database refuses to change or delete it.
 *
 * @property int                        $id
 * @property string                     $uuid
 * @property EventKind                  $kind
 * @property string                     $happened_at
 * @property string                     $recorded_at
 * @property int|null                   $angler_id
 * @property string|null                $corrects
 * @property string|null                $note
 * @property int|null                   $run_id
 * @property Collection<int, EventMove> $moves
 */
final class Event extends Model
{
    use OwnedByAccount;

    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['kind' => EventKind::class];

    /** @return HasMany<EventMove, $this> */
    public function moves(): HasMany
    {
        return $this->hasMany(EventMove::class)->orderBy('id');
    }
}
