<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\LineProduct;

/** @extends RecordFactory<LineProduct> */
final class LineProductFactory extends RecordFactory
{
    protected $model = LineProduct::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Made-up nylon', 'material' => 'mono', 'size' => '0.30 mm', 'strength' => '5.6 kg'];
    }
}
