<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Event;

/** A page of the log. */
final readonly class Page
{
    /**
     * @param list<Event> $entries newest first
     * @param string|null $more    where the next page begins; null: there is none
     */
    public function __construct(public array $entries, public ?string $more) {}
}
