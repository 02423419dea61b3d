<?php

declare(strict_types=1);

namespace App\History;

use Undro\Ledger\EventKind;

/** Which entries of the log are looked for; what is null is not asked. */
final readonly class Search
{
    /**
     * @param string      $words in the note, the kind, or the name of what the entry speaks of
     * @param string|null $from  a day, ISO 8601
     * @param string|null $to    the last day
     * @param string      $after where the page before ended
     */
    public function __construct(
        public string $words = '',
        public ?EventKind $kind = null,
        public ?int $spool = null,
        public ?int $reel = null,
        public ?int $angler = null,
        public ?int $line = null,
        public ?string $from = null,
        public ?string $to = null,
        public string $after = '',
    ) {}
}
