<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Something the angler keeps a note of: named, known by a key everywhere, changed by its typed figures, put away and had back.
 *
 * @property int    $id
 * @property string $name
 */
abstract class Record extends Model
{
    use OwnedByAccount;
    use Versioned;

    public $timestamps = false;
    protected $guarded = [];

    /**
     * Takes what is said of it: what is not there is not touched. Saved with whatever belongs to it.
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    final public function take(TypedFigures $figures): void
    {
        $this->read($figures);
        $archived = $figures->flag('archived');
        if ($archived !== null) {
            $this->setArchived($archived);
        }
        $this->save();
        $this->readParts($figures);
    }

    /** @return Builder<static> */
    public static function inUse(): Builder
    {
        return static::query()->whereNull('archived_at');
    }

    /** @throws \Undro\DomainFault */
    abstract protected function read(TypedFigures $figures): void;

    /** Takes what is kept in rows of its own, once there is a record that they belong to. @throws \Undro\DomainFault */
    protected function readParts(TypedFigures $figures): void {}
}
