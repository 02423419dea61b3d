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

    /** Grows with every mark. */
    public function seen(): int
    {
        $last = $this->exists ? $this->marks()->max('id') : 0;

        return is_numeric($last) ? (int) $last : 0;
    }

    /** Another one whenever anything of it has changed: a mark, an entry of the log, a taking back. */
    public function tag(): string
    {
        $entry = Event::query()->where('run_id', $this->id)->max('id');

        return sprintf('"%d.%d.%s"', $this->seen(), is_numeric($entry) ? $entry : 0, $this->ended_at ?? '');
    }

    public function isPractice(): bool
    {
        return $this->truth !== null;
    }

    /** What it set out with. */
    public function setOutWith(): RunBasis
    {
        return new RunBasis($this->basis);
    }

    /** The seed of the made-up reel; null: it is no practice. */
    public function seed(): ?int
    {
        $seed = $this->truth['seed'] ?? 0;

        return $this->truth === null ? null : (is_numeric($seed) ? (int) $seed : 0);
    }
}
