<?php

declare(strict_types=1);

namespace App\Learning;

use App\Database\Answers;
use App\Ledger\DataStamp;
use App\Ledger\Lines;
use App\Models\Spool;
use Undro\Fill\Layer;
use Undro\Ledger\Piece;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool as Shape;

/** Spools and what lies on them as the levels that were read have shown them to be, so that each screen says the same. */
final class AsLearnt
{
    /** @var array<array-key, mixed>|null factors by "spool 7" and "line 3" */
    private ?array $factors = null;

    public function __construct(private readonly Learning $learning, private readonly Lines $lines, private readonly Answers $answers) {}

    /** The factor on a spool's room; 1: nothing was learnt of it. */
    public function room(int $spool): float
    {
        return $this->factor("spool $spool");
    }

    /** The factor on a line's cell; 1: nothing was learnt of it. */
    public function cell(int $line): float
    {
        return $this->factor("line $line");
    }

    /** @throws \Undro\DomainFault if its figures are not enough or contradict each other */
    public function shape(Spool $spool, ReelKind $reel): Shape
    {
        $shape = $spool->spool($reel);

        return $this->room($spool->id) === 1.0 ? $shape : $shape->roomier($this->room($spool->id));
    }

    /**
     * @param list<Piece> $pieces from the arbor out
     *
     * @return list<Layer>
     */
    public function layers(array $pieces): array
    {
        return $this->lines->layers($pieces, $this->cell(...));
    }

    private function factor(string $of): float
    {
        $this->factors ??= $this->answers->remembered(Answers::key(['factors', DataStamp::ofLevels()]), $this->learning->factors(...));
        $factor = $this->factors[$of] ?? 1.0;

        return is_numeric($factor) ? (float) $factor : 1.0;
    }
}
