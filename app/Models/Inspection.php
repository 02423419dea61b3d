<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Undro\Input\Input;
use Undro\Units\Length;
use Undro\Upkeep\Finding;
use Undro\Upkeep\Inspection as Looked;

/**
 * What was seen and felt of the main line on a spool; belongs to an entry of the log, and is never changed.
 *
 * @property int        $event_id
 * @property int        $spool_id
 * @property Finding    $found
 * @property string     $from_typed of the outer end; both empty: all along
 * @property float|null $from_m
 * @property string     $to_typed
 * @property float|null $to_m
 */
final class Inspection extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['found' => Finding::class, 'from_m' => 'float', 'to_m' => 'float'];

    /** What is said of one, not yet kept. @throws \Undro\DomainFault naming the figure that cannot be */
    public static function read(Input $in, int $spool): self
    {
        $read = new self([
            'spool_id' => $spool,
            'found' => $in->choice('found', Finding::class),
            'from_typed' => $in->asTyped('from'),
            'from_m' => $in->optionalMetres('from', 0, Length::LONGEST_M)?->inMetres(),
            'to_typed' => $in->asTyped('until'),
            'to_m' => $in->optionalMetres('until', 0, Length::LONGEST_M)?->inMetres(),
        ]);
        $read->looked('');

        return $read;
    }

    /**
     * What it found. @param string $at ISO 8601
     *
     * @throws \Undro\DomainFault if it ends before it begins
     */
    public function looked(string $at): Looked
    {
        $length = static fn(?float $metres): ?Length => $metres === null ? null : Length::metres($metres);

        return Looked::of($at, $this->found, $length($this->from_m), $length($this->to_m));
    }
}
