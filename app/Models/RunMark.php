<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Undro\Run\MarkKind;

/**
 * One thing that happened in a run; never changed.
 *
 * @property int                  $id
 * @property string               $uuid
 * @property int                  $run_id
 * @property MarkKind             $kind
 * @property string               $at
 * @property array<string, mixed> $mark
 */
final class RunMark extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['kind' => MarkKind::class, 'mark' => 'array'];
}
