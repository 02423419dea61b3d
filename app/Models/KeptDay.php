<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A bench day that is kept: what is picked and wanted, pinned and forbidden, and what was ticked by hand, as typed. What is cut and what runs
 * have done is worked out each time.
 *
 * @property int                   $id
 * @property string                $name
 * @property array<string, string> $draft
 * @property int|null              $angler_id
 * @property Carbon                $created_at
 */
final class KeptDay extends Record
{
    protected $table = 'days';
    public $timestamps = true;
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = ['archived_at' => null, 'name' => '', 'version' => 1];
    protected $casts = ['draft' => 'array'];

    protected function read(TypedFigures $figures): void
    {
        if ($figures->has('name')) {
            $this->fill($figures->words(['name']));
        }
        if ($figures->has('draft')) {
            $this->draft = $figures->texts('draft');
        }
    }

    /** @return list<int> the spools that are picked */
    public function spools(): array
    {
        return array_values(array_filter(array_map(intval(...), explode(',', $this->draft['spools'] ?? ''))));
    }
}
