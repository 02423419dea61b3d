<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Filler;

/** @extends RecordFactory<Filler> */
final class FillerFactory extends RecordFactory
{
    protected $model = Filler::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['line_product_id' => LineProductFactory::new(), 'full_length' => '1000 m', 'price' => '14.00'];
    }
}
