<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Ledger\Events;
use App\Models\EventMove;
use Undro\Ledger\PlaceKind;

/** How long the line on a spool had lain on its filler before it was wound, as far as the log tells; read once for all spools. */
final class Shelf
{
    private const DAYS_A_MONTH = 365.25 / 12;

    /** @var array<int, array<string, int>>|null the filler that line of a moment came off, by spool */
    private ?array $from = null;
    /** @var array<int, string> when line was first on a filler */
    private array $first = [];

    public function __construct(private readonly Events $events) {}

    /**
     * Months.
     *
     * @param string|null $since ISO, when its main line came on
     */
    public function months(int $spool, ?string $since): float
    {
        $this->read();
        $filler = $since === null ? null : $this->from[$spool][$since] ?? null;
        $first = $filler === null ? null : $this->first[$filler] ?? null;
        if ($since === null || $first === null || $first >= $since) {
            return 0.0;
        }

        return (new \DateTimeImmutable(substr($since, 0, 10)))->diff(new \DateTimeImmutable(substr($first, 0, 10)))->days / self::DAYS_A_MONTH;
    }

    private function read(): void
    {
        if ($this->from !== null) {
            return;
        }
        $this->from = [];
        $moves = EventMove::query()->where('from_kind', PlaceKind::Filler->value)->orWhere('to_kind', PlaceKind::Filler->value);
        foreach ($this->events->standing($moves) as ['at' => $at, 'row' => $move]) {
            if ($move->to_kind === PlaceKind::Filler) {
                $this->first[$move->to_id] ??= $at;
            }
            if ($move->from_kind === PlaceKind::Filler && $move->to_kind === PlaceKind::Spool) {
                $this->from[$move->to_id][$at] = $move->from_id;
            }
        }
    }
}
