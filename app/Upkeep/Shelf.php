<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Ledger\Events;
use App\Models\EventMove;
use Undro\Ledger\PlaceKind;

/** How long the line on a spool had lain on its filler before it was wound, as far as the log tells; of one spool, or read at once for all. */
final class Shelf
{
    private const DAYS_A_MONTH = 365.25 / 12;

    /** @var array<int, array<string, int>>|null the filler that line of a moment came off, by spool; null: not all are read */
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
        if ($since === null) {
            return 0.0;
        }
        $filler = $this->from === null ? $this->cameOff($spool, $since) : $this->from[$spool][$since] ?? null;
        $first = match (true) {
            $filler === null => null,
            $this->from === null => $this->firstOn($filler),
            default => $this->first[$filler] ?? null,
        };
        if ($first === null || $first >= $since) {
            return 0.0;
        }

        return (new \DateTimeImmutable(substr($since, 0, 10)))->diff(new \DateTimeImmutable(substr($first, 0, 10)))->days / self::DAYS_A_MONTH;
    }

    private function cameOff(int $spool, string $since): ?int
    {
        $moves = EventMove::query()->where(['from_kind' => PlaceKind::Filler->value, 'to_kind' => PlaceKind::Spool->value, 'to_id' => $spool]);
        $standing = $this->events->standing($moves->where('events.happened_at', $since));

        return ($standing[count($standing) - 1] ?? null)['row']->from_id ?? null;
    }

    private function firstOn(int $filler): ?string
    {
        return $this->events->standing(EventMove::query()->where(['to_kind' => PlaceKind::Filler->value, 'to_id' => $filler]))[0]['at'] ?? null;
    }

    /** All of them at once, for whoever asks of every spool. */
    public function readAhead(): void
    {
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
