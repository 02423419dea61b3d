<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Record;
use App\Models\TypedFigures;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Made-up records: what a form would send, over what is usual. Each is taken as a form is, so what is worked out of the typed
 * figures is worked out, and what cannot be is refused; so it is written at once, by make() too.
 *
 * @template T of Record
 *
 * @extends Factory<T>
 */
abstract class RecordFactory extends Factory
{
    /**
     * @param array<string, mixed> $attributes typed figures, and the ids of what it belongs to
     *
     * @return T
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    final public function newModel(array $attributes = []): Record
    {
        $record = parent::newModel();
        $record->fill(array_filter($attributes, static fn(string $name): bool => str_ends_with($name, '_id'), ARRAY_FILTER_USE_KEY));
        $record->take(new TypedFigures($attributes));

        return $record;
    }
}
