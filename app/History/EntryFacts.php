<?php

declare(strict_types=1);

namespace App\History;

use App\Models\DragSetting;
use App\Models\Inspection;
use App\Models\Leader;
use App\Models\LevelReading;
use App\Models\Outing;
use App\Models\TroubleSeen;

/** What belongs to an entry beside the line that moved. */
final readonly class EntryFacts
{
    /**
     * @param int|null $spool    it speaks of
     * @param bool     $oldTurn  it turned everything over, so that backing came out on top
     * @param bool     $standing nothing later corrects it or takes it back
     */
    public function __construct(
        public ?int $spool,
        public ?Outing $outing,
        public ?LevelReading $level,
        public ?DragSetting $drag,
        public ?Inspection $inspection,
        public ?Leader $leader,
        public ?TroubleSeen $trouble,
        public bool $oldTurn,
        public bool $standing,
    ) {}
}
