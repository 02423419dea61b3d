<?php

declare(strict_types=1);

namespace App\Models;

use App\Database\ImmediateConnection;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/**
 * A record that is known by a key wherever it goes, and counts its changes, so that two windows cannot overwrite each other unseen.
 *
 * @property string $key
 * @property int    $version
 *
 * @mixin Model
 */
trait Versioned
{
    public static function bootVersioned(): void
    {
        self::creating(static function (Model $model): void {
            if (($model->getAttribute('key') ?? '') === '') {
                $model->setAttribute('key', (string) Str::uuid());
            }
        });
    }

    /**
     * @param Builder<static>      $query
     * @param array<string, mixed> $attributes
     */
    protected function insertAndSetId(Builder $query, $attributes): void
    {
        $connection = $this->getConnection();
        if ($connection instanceof ImmediateConnection) {
            // an import makes thousands: the framework would put each statement together anew
            $this->setAttribute($this->getKeyName(), $connection->insertRow($this->getTable(), $attributes));
        } else {
            parent::insertAndSetId($query, $attributes);
        }
    }

    /**
     * Begins a change, within a transaction, by somebody who saw this version; null: whoever it is has not looked. The database
     * compares, so that of two who saw the same version one alone goes on, with the record as it is then.
     *
     * @throws ChangedMeanwhile if there is a later version
     */
    public function changing(?int $seen): static
    {
        if (!$this->exists) {
            $this->version = 1;

            return $this;
        }
        $mine = self::query()->whereKey($this->getKey())->when(
            $seen !== null,
            static fn(Builder $record): Builder => $record->where('version', $seen),
        );
        $mine->toBase()->increment('version') === 1 || throw new ChangedMeanwhile($this->refresh()->version);

        return $this->refresh();
    }
}
