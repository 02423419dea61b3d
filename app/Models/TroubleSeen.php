<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Undro\Input\Input;
use Undro\Trouble\Cause;
use Undro\Trouble\Sign;

/**
 * What was seen to go wrong with a spool, and where it came from as far as that was found; belongs to an entry of the log, and is never
 * changed.
 *
 * @property int        $event_id
 * @property int        $spool_id
 * @property Sign       $seen
 * @property Cause|null $cause
 */
final class TroubleSeen extends Model
{
    protected $table = 'troubles';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['seen' => Sign::class, 'cause' => Cause::class];

    /** What is said of one, not yet kept. @throws \Undro\DomainFault naming the figure that cannot be */
    public static function read(Input $in, int $spool): self
    {
        return new self([
            'spool_id' => $spool,
            'seen' => $in->choice('seen', Sign::class),
            'cause' => $in->optionalChoice('cause', Cause::class),
        ]);
    }
}
