<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What belongs to the account: found only there, created there, put away rather than deleted.
 *
 * @property Carbon|null $archived_at
 *
 * @mixin Model
 */
trait OwnedByAccount
{
    public static function bootOwnedByAccount(): void
    {
        self::addGlobalScope(
            'account',
            static fn(Builder $query) => $query->where($query->getModel()->getTable() . '.account_id', Account::current()->id),
        );
        self::creating(static function (Model $model): void {
            $model->setAttribute('account_id', Account::current()->id);
        });
    }

    /** @return Builder<self> */
    public static function inUse(): Builder
    {
        return self::query()->whereNull('archived_at');
    }

    public function setArchived(bool $archived): void
    {
        $this->setAttribute('archived_at', $archived ? ($this->archived_at ?? Carbon::now()) : null);
    }
}
