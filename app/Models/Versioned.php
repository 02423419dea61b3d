<?php

declare(strict_types=1);

namespace App\Models;

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
     * Begins a change by somebody who saw this version; null: whoever it is has not looked.
     *
     * @throws ChangedMeanwhile if there is a later version
     */
    public function changing(?int $seen): static
    {
        $seen === null || $seen === $this->version || throw new ChangedMeanwhile($this->version);
        ++$this->version;

        return $this;
    }
}
