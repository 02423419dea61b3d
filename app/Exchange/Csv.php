<?php

declare(strict_types=1);

namespace App\Exchange;

/**
 * Tables as text. A cell that a spreadsheet would take for a formula is written with an apostrophe before it, as people write such a
 * cell by hand; read in again it is what it was.
 */
final class Csv
{
    /** What begins a formula, behind any apostrophes that are there already. A plain figure is none. */
    private const FORMULA = '/^\'*[=+\-@\t\r]/';
    private const FIGURE = '/^[+-]?\d+(?:[.,]\d+)?$/';

    /**
     * @param list<string>           $columns
     * @param iterable<list<string>> $rows
     */
    public static function write(array $columns, iterable $rows): string
    {
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a file.');
        fputcsv($file, $columns, escape: '');
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::cell(...), $row), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    public static function cell(string $text): string
    {
        return preg_match(self::FORMULA, $text) === 1 && preg_match(self::FIGURE, $text) !== 1 ? "'$text" : $text;
    }

    /** What a cell says that was written here or by a spreadsheet. */
    public static function said(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::FORMULA, $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
