<?php

declare(strict_types=1);

namespace Undro\Photo;

/** As many linear equations as unknowns. */
final class LinearSystem
{
    /**
     * Returns the unknowns, by elimination with the largest pivot first.
     *
     * @param list<list<float>> $rows each with its right side at its end
     *
     * @return list<float> not finite where there is no answer
     */
    public static function solve(array $rows): array
    {
        $count = count($rows);
        for ($column = 0; $column < $count; ++$column) {
            $pivot = $column;
            for ($row = $column + 1; $row < $count; ++$row) {
                $pivot = abs($rows[$row][$column]) > abs($rows[$pivot][$column]) ? $row : $pivot;
            }
            [$rows[$column], $rows[$pivot]] = [$rows[$pivot], $rows[$column]];
            for ($row = 0; $row < $count; ++$row) {
                if ($row !== $column) {
                    $factor = fdiv($rows[$row][$column], $rows[$column][$column]);
                    for ($i = $column; $i <= $count; ++$i) {
                        $rows[$row][$i] -= $factor * $rows[$column][$i];
                    }
                }
            }
        }

        return array_map(static fn(int $i): float => fdiv($rows[$i][$count], $rows[$i][$i]), range(0, $count - 1));
    }
}
