<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Exchange\Differences;
use App\Exchange\InverseDocument;
use App\Exchange\Records;
use App\Ledger\EventLog;

/** What an import takes rows with: the records that they name, the log, and what takes it all back. */
final readonly class Taking
{
    public InverseDocument $back;
    /** of the row that is being taken */
    public Differences $differences;

    public function __construct(public Records $records, public EventLog $log)
    {
        $this->back = new InverseDocument();
        $this->differences = new Differences();
    }
}
