<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A run at the bench: the plan it set out with, and the marks of what happened. How it stands is read from both by the core.
 *
 * @property int                      $id
 * @property string                   $uuid
 * @property int|null                 $angler_id
 * @property int|null                 $reel_id
 * @property int|null                 $spool_id
 * @property string                   $name
 * @property array<string, mixed>     $basis
 * @property array<string, mixed>|null $truth
 * @property string                   $started_at
 * @property string|null              $ended_at
 * @property Collection<int, RunMark> $marks
 */
final class Run extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['basis' => 'array', 'truth' => 'array'];

    protected static function booted(): void
    {
        self::addGlobalScope('account', static fn(Builder $query) => $query->where('runs.account_id', Account::current()->id));
        self::creating(static function (self $run): void {
            $run->setAttribute('account_id', Account::current()->id);
        });
    }

    /** @return HasMany<RunMark, $this> */
    public function marks(): HasMany
    {
        return $this->hasMany(RunMark::class)->orderBy('id');
    }

    public function isPractice(): bool
    {
        return $this->truth !== null;
    }
}
