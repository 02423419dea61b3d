<?php

declare(strict_types=1);

namespace Undro\Statistics;

/** The inverse of a precision: the covariance of figures whose knowledge has been added up. */
final class Precision
{
    /**
     * By Cholesky's factors, which stay exact where knowledge is very uneven.
     *
     * @param list<list<float>> $precision square, symmetric, positive definite
     *
     * @return list<list<float>>
     */
    public static function covariance(array $precision): array
    {
        $count = count($precision);
        $factor = [];
        for ($i = 0; $i < $count; ++$i) {
            for ($j = 0; $j <= $i; ++$j) {
                $rest = $precision[$i][$j];
                for ($k = 0; $k < $j; ++$k) {
                    $rest -= $factor[$i][$k] * $factor[$j][$k];
                }
                $factor[$i][$j] = $i === $j ? sqrt(max($rest, 1e-300)) : $rest / $factor[$j][$j];
            }
        }
        $inverse = [];
        for ($column = 0; $column < $count; ++$column) {
            for ($i = $column; $i < $count; ++$i) {
                $rest = $i === $column ? 1.0 : 0.0;
                for ($k = $column; $k < $i; ++$k) {
                    $rest -= $factor[$i][$k] * $inverse[$k][$column];
                }
                $inverse[$i][$column] = $rest / $factor[$i][$i];
            }
        }
        $covariance = [];
        for ($i = 0; $i < $count; ++$i) {
            for ($j = 0; $j <= $i; ++$j) {
                $sum = 0.0;
                for ($k = $i; $k < $count; ++$k) {
                    $sum += $inverse[$k][$i] * $inverse[$k][$j];
                }
                $covariance[$i][$j] = $sum;
                $covariance[$j][$i] = $sum;
            }
        }

        return array_values(array_map(static function (array $row): array {
            ksort($row);

            return array_values($row);
        }, $covariance));
    }
}
