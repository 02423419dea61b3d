<?php

declare(strict_types=1);

namespace App\Models;

use Undro\Input\Bounds;
use Undro\Line\Material;
use Undro\Match\LineRange;

/**
 * @property int        $id
 * @property string     $name
 * @property string     $length_typed
 * @property string     $line_min_typed
 * @property string     $line_max_typed
 * @property string     $braid_range
 * @property string     $max_drag_typed
 * @property float|null $max_drag_n
 * @property float|null $length_m
 * @property float|null $line_min_n
 * @property float|null $line_max_n
 */
final class Rod extends Record
{
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = [
        'length_m' => null, 'line_min_n' => null, 'line_max_n' => null, 'max_drag_n' => null, 'archived_at' => null,
        'length_typed' => '', 'line_min_typed' => '', 'line_max_typed' => '', 'braid_range' => '', 'max_drag_typed' => '', 'version' => 1,
    ];

    protected function read(TypedFigures $figures): void
    {
        $this->fill($figures->words(['name']));
        if ($figures->has('length')) {
            $this->fill(
                ['length_typed' => $figures->text('length'), 'length_m' => $figures->in->optionalMetres('length', 0.3, 15)?->inMetres()],
            );
        }
        foreach (['line_min', 'line_max', 'max_drag'] as $force) {
            if ($figures->has($force)) {
                $this->fill([
                    "{$force}_typed" => $figures->text($force),
                    "{$force}_n" => $figures->in->optionalForce($force, ...Bounds::FORCE_N)?->inNewtons(),
                ]);
            }
        }
        if ($figures->has('braid_range')) {
            $typed = $figures->text('braid_range');
            $typed === '' || $figures->in->read('braid_range', static fn(): LineRange => LineRange::read($typed, Material::Braid));
            $this->braid_range = $typed;
        }
    }
}
