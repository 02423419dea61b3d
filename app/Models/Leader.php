<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Join\BadJoin;
use Undro\Join\Cast;
use Undro\Join\LeaderSeat;
use Undro\Knot\Knot;
use Undro\Line\Material;
use Undro\Units\Length;
use Undro\Units\MassUnit;
use Undro\Units\Typed;

/**
 * A leader as it was tied on, or that it was taken off; belongs to an entry of the log, and is never changed.
 *
 * @property int           $event_id
 * @property int           $spool_id
 * @property bool          $off            no leader is on
 * @property Material|null $material
 * @property string        $strength_typed
 * @property float|null    $strength_n
 * @property string        $length_typed
 * @property float|null    $length_m
 * @property Knot|null     $knot           that joins it to the main line
 */
final class Leader extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'off' => 'boolean', 'material' => Material::class, 'knot' => Knot::class, 'strength_n' => 'float', 'length_m' => 'float',
    ];

    /**
     * What is said of one, not yet kept. Where the lead and the way to the spool are said too, a leader that cannot be thrown is refused.
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function read(Input $in, int $spool): self
    {
        if ($in->boolean('no_leader')) {
            return new self(['spool_id' => $spool, 'off' => true]);
        }
        $strength = $in->optionalForce('strength', ...Bounds::FORCE_N) ?? throw BadJoin::noStrength();
        $length = $in->optionalMetres('leader', 0.05, 100);
        $knot = $in->optionalChoice('knot', Knot::class);
        $knot === null || $knot->joins() || throw BadJoin::joinsNothing($knot);
        self::thrown($in, $length);

        return new self([
            'spool_id' => $spool,
            'off' => false,
            'material' => $in->choice('leader_material', Material::class, Material::Fluoro),
            'strength_typed' => $in->asTyped('strength'),
            'strength_n' => $strength->inNewtons(),
            'length_typed' => $in->asTyped('leader'),
            'length_m' => $length?->inMetres(),
            'knot' => $knot,
        ]);
    }

    /** @throws BadJoin if it cannot be thrown so */
    private static function thrown(Input $in, ?Length $leader): void
    {
        $path = $in->optionalMetres('path', 0.3, 20);
        $lead = $in->asTyped('lead');
        if ($path === null || $leader === null) {
            return;
        }
        $seat = LeaderSeat::of(
            $leader,
            $in->metres('drop', 0, 20, 0.6),
            $path,
            $lead === '' ? null : $in->read('lead', static fn() => Typed::mass($lead, MassUnit::Gram)),
            $in->choice('thrown', Cast::class, Cast::Gentle),
            $in->optionalDiameter('spool_mm', ...Bounds::SPOOL_MM),
            $in->optionalForce('main', ...Bounds::FORCE_N),
        );
        $seat->sound() || throw BadJoin::cannotBeThrown($seat);
    }
}
