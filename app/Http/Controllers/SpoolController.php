<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SpoolRequest;
use App\Http\Resources\SpoolResource;
use App\Models\Spool;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;
use Undro\Contract\Bounds;
use Undro\Contract\Input;
use Undro\Contract\SpoolInput;
use Undro\Spool\Tolerance;

final class SpoolController
{
    private const WITH = ['rating', 'measurements', 'reels'];

    public function index(): AnonymousResourceCollection
    {
        return SpoolResource::collection(Spool::inUse()->with(self::WITH)->orderBy('name')->get());
    }

    public function show(int $id): SpoolResource
    {
        return new SpoolResource(Spool::query()->with(self::WITH)->findOrFail($id));
    }

    public function store(SpoolRequest $request): SpoolResource
    {
        return DB::transaction(static function () use ($request): SpoolResource {
            $spool = new Spool(['lip' => 'bevelled']);
            self::change($spool, $request->all());
            $spool->reels()->attach($request->array('reels'));

            return new SpoolResource($spool->load(self::WITH));
        });
    }

    public function update(SpoolRequest $request, int $id): SpoolResource
    {
        $spool = Spool::query()->findOrFail($id);
        DB::transaction(static fn() => self::change($spool, $request->all()));

        return new SpoolResource($spool->load(self::WITH));
    }

    /** @param array<array-key, mixed> $figures of the shape SpoolRequest holds */
    public static function change(Spool $spool, array $figures): void
    {
        foreach (['name', 'lip', 'lay', 'measured_with'] as $field) {
            if (is_string($figures[$field] ?? null)) {
                $spool->setAttribute($field, $figures[$field]);
            }
        }
        if (is_bool($figures['archived'] ?? null)) {
            $spool->setArchived($figures['archived']);
        }
        $spool->save();
        $spool->refresh();
        if (array_key_exists('stamp', $figures)) {
            self::stamp($spool, $figures);
        }
        if (is_array($figures['measures'] ?? null)) {
            self::measure($spool, $figures['measures']);
        }
    }

    /** @param array<array-key, mixed> $figures */
    private static function stamp(Spool $spool, array $figures): void
    {
        $stamped = is_string($figures['stamp']) ? trim($figures['stamp']) : '';
        $material = is_string($figures['stamp_material'] ?? null) ? $figures['stamp_material'] : ($spool->rating->material ?? 'mono');
        $units = array_key_exists('stamp_units', $figures) ? $figures['stamp_units'] : $spool->rating?->units;
        // refused here if it cannot be read, so that nothing unreadable is kept
        SpoolInput::ratings(Input::of(['ratings_text' => $stamped, 'ratings_material' => $material, 'ratings_units' => $units]));
        if ($stamped === '') {
            $spool->rating()->delete();
        } else {
            $spool->rating()->updateOrCreate([], ['stamped' => $stamped, 'units' => $units, 'material' => $material]);
        }
        $spool->unsetRelation('rating');
    }

    /** @param array<array-key, mixed> $measures */
    private static function measure(Spool $spool, array $measures): void
    {
        $in = Input::of($measures);
        foreach (Spool::QUANTITIES as $quantity) {
            if ($in->mentions($quantity)) {
                $bounds = in_array($quantity, ['bevel_depth', 'rated_gap'], true) ? [0.0, 30.0] : Bounds::SPOOL_MM;
                $typed = $measures[$quantity];
                $spool->measured($quantity, is_string($typed) ? trim($typed) : '', $in->optionalMillimetres($quantity, ...$bounds)?->inMillimetres());
            }
        }
        $now = $spool->load('measurements')->measures();
        SpoolInput::measures(Input::of([
            'lip_diameter_mm' => $now['lip_diameter'],
            'arbor_diameter_mm' => $now['arbor_diameter'],
            'arbor_deep_diameter_mm' => $now['arbor_deep_diameter'],
            'traverse_mm' => $now['traverse'],
        ]), Tolerance::GEOMETRY);
    }
}
