<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Spool;

/** @extends RecordFactory<Spool> */
final class SpoolFactory extends RecordFactory
{
    protected $model = Spool::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Spool 1', 'lip' => 'bevelled', 'stamp' => '0.25/240 0.30/170'];
    }
}
