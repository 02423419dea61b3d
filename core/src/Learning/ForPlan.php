<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\Input\Bounds;
use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Statistics\CorrelationMatrix;

/** What a plan is told of its spool and its lines, and how these vary together. Every sd is relative to its figure. */
final readonly class ForPlan
{
    /**
     * @param CorrelationMatrix                   $correlations room first, then main line, then backing
     * @param array{factor: float, sd: float}|null $main         null: nothing was learnt of it
     * @param array{factor: float, sd: float}|null $backing
     */
    public function __construct(
        public float $factor,
        public float $sd,
        public CorrelationMatrix $correlations,
        public ?array $main = null,
        public ?array $backing = null,
    ) {}

    /**
     * What was learnt, for a plan; null: readings of nonsense have made a factor that no plan follows, they are asked about.
     *
     * @param string      $spool   as it was named to what was learnt
     * @param string|null $main    likewise; null: nothing is known of it
     * @param string|null $backing likewise
     */
    public static function from(Learnt $learnt, string $spool, ?string $main, ?string $backing): ?self
    {
        $named = [$main, $backing];
        $lines = array_values(array_unique(array_filter($named)));
        [$room, $sd] = $learnt->room($spool);
        $cells = array_map(static fn(?string $line): ?array => $line === null ? null : $learnt->cell($line), $named);
        foreach ([$room, ...array_map(static fn(array $cell): float => $cell[0], array_filter($cells))] as $factor) {
            if ($factor < Bounds::FACTOR[0] || $factor > Bounds::FACTOR[1]) {
                return null;
            }
        }
        $places = [
            0,
            ...array_map(static fn(?string $line): ?int => $line === null ? null : 1 + (int) array_search($line, $lines, true), $named),
        ];
        [$mainCell, $backingCell] = array_map(
            static fn(?array $cell): ?array => $cell === null ? null : ['factor' => $cell[0], 'sd' => $cell[1] / $cell[0]],
            $cells,
        );

        return new self($room, $sd / $room, self::among($learnt->correlations($spool, $lines), $places), $mainCell, $backingCell);
    }

    /** The spool as finished fills have shown it to be. */
    public function spool(Spool $spool): Spool
    {
        return $spool->learnt($this->factor, $this->sd, $this->correlations);
    }

    /** The main line as finished fills have shown it to lie. */
    public function main(Line $line): Line
    {
        return $this->main === null ? $line : $line->learnt($this->main['factor'], $this->main['sd']);
    }

    /** The backing as finished fills have shown it to lie. */
    public function backing(Line $line): Line
    {
        return $this->backing === null ? $line : $line->learnt($this->backing['factor'], $this->backing['sd']);
    }

    /**
     * The correlations of some of the figures.
     *
     * @param list<list<float>> $all
     * @param list<int|null>    $places null: nothing is known of it
     */
    private static function among(array $all, array $places): CorrelationMatrix
    {
        return new CorrelationMatrix(array_map(static fn(?int $i): array => array_map(
            static fn(?int $j): float => $i === null || $j === null ? 0.0 : max(-1.0, min(1.0, $all[$i][$j] ?? 0.0)),
            $places,
        ), $places));
    }
}
