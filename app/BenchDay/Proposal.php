<?php

declare(strict_types=1);

namespace App\BenchDay;

use App\Stock\Pack;
use Undro\Day\Day;
use Undro\Day\OldMain;

/** A bench day as it is proposed, and the packs that it may buy, by their places. */
final readonly class Proposal
{
    /**
     * @param list<Pack>    $packs
     * @param list<OldMain>                                $off    what comes off first
     * @param list<array{spool: int, from: OldMain}> $offers old line of one spool that would do under another
     */
    public function __construct(public Day $day, public array $packs, public array $off, public array $offers) {}
}
