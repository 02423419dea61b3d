<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A saved plan: the fields of the Plan place as typed. Its figures are worked out again each time.
 *
 * @property int                   $id
 * @property string                $name
 * @property array<string, string> $draft
 * @property int|null              $angler_id
 * @property int|null              $reel_id
 * @property int|null              $spool_id
 * @property Carbon                $created_at
 */
final class Plan extends Record
{
    public $timestamps = true;
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = ['archived_at' => null, 'reel_id' => null, 'spool_id' => null, 'version' => 1];

    protected $casts = ['draft' => 'array'];

    protected function read(TypedFigures $figures): void
    {
        $this->fill($figures->words(['name']));
        if ($figures->has('draft')) {
            $this->draft = $figures->texts('draft');
            // a plan for a reel of the locker is found from there; a reel that is gone leaves the plan as it is
            $this->reel_id = Reel::query()->find((int) ($this->draft['reel'] ?? 0))?->id;
            $this->spool_id = Spool::query()->find((int) ($this->draft['spool'] ?? 0))?->id;
        }
    }
}
