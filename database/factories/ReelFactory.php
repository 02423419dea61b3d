<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Reel;

/** @extends RecordFactory<Reel> */
final class ReelFactory extends RecordFactory
{
    protected $model = Reel::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Made-up reel', 'kind' => 'spinning', 'gear_ratio' => '5.2', 'max_drag' => '6 kg'];
    }
}
