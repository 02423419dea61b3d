<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Undro\Input\Input;
use Undro\Units\Length;
use Undro\Upkeep\Outing as Wearing;

/**
 * A day a spool was fished, as somebody wrote it down; belongs to an entry of the log, and is never changed.
 *
 * @property int        $event_id
 * @property int        $spool_id
 * @property float|null $hours
 * @property bool       $sun
 * @property bool       $rough
 * @property string     $cast_typed
 * @property float|null $cast_m
 * @property string     $run_typed
 * @property float|null $run_m
 */
final class Outing extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['sun' => 'boolean', 'rough' => 'boolean', 'hours' => 'float'];

    /** What is said of one, not yet kept. @throws \Undro\DomainFault naming the figure that cannot be */
    public static function read(Input $in, int $spool): self
    {
        return new self([
            'spool_id' => $spool,
            'hours' => $in->optionalNumber('hours', 0, 72),
            'sun' => $in->boolean('sun'),
            'rough' => $in->boolean('rough'),
            'cast_typed' => $in->asTyped('cast'),
            'cast_m' => $in->optionalMetres('cast', 0, 500)?->inMetres(),
            'run_typed' => $in->asTyped('run'),
            'run_m' => $in->optionalMetres('run', 0, 2000)?->inMetres(),
        ]);
    }

    /** What it did to the line. @param string $at ISO 8601 */
    public function wearing(string $at): Wearing
    {
        $length = static fn(?float $metres): ?Length => $metres === null ? null : Length::metres($metres);

        return new Wearing($at, $this->sun || $this->rough, $length($this->cast_m), $length($this->run_m));
    }
}
