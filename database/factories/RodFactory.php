<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Rod;

/** @extends RecordFactory<Rod> */
final class RodFactory extends RecordFactory
{
    protected $model = Rod::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Made-up rod', 'length' => '2.4 m', 'line_min' => '8 lb', 'line_max' => '20 lb'];
    }
}
