<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Mappers\Mappers;
use App\Exchange\Mappers\RecordMapper;
use App\Exchange\Mappers\Taking;
use App\Ledger\EventLog;
use App\Models\Record;
use App\Models\Spool;

/** Reels, spools, lines or fillers as a table: CSV with the names of the columns in its first row. */
enum Table: string
{
    case Reels = 'reels';
    case Spools = 'spools';
    case Lines = 'lines';
    case Fillers = 'fillers';

    /** Columns that hold yes or no. */
    private const FLAGS = ['archived', 'grips'];
    private const YES = ['yes', 'true', '1', 'x'];
    private const NO = ['no', 'false', '0', ''];
    /** Columns of a few words to choose from; an empty cell leaves the usual one. */
    private const CHOICES = ['kind', 'lip', 'lay', 'stamp_material', 'measured_with', 'material', 'size_from'];
    private const MOST_ROWS = 20_000;

    /** @return list<string> */
    public function columns(): array
    {
        return $this->mapper()->columns();
    }

    /** The whole table of the account. */
    public function write(EventLog $log): string
    {
        $cells = function () use ($log): iterable {
            foreach ($this->mapper()->table(new Taking(new Records(), $log)) as $row) {
                yield array_map(static fn(string $column): string => self::cell($column, $row[$column] ?? null), $this->columns());
            }
        };

        return Csv::write($this->columns(), $cells());
    }

    /**
     * The rows of a file, as a document has them; only the columns that are there.
     *
     * @return list<array<string, mixed>>
     *
     * @throws BadRow if it is no table, or has a column nobody knows
     */
    public function read(string $text): array
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        mb_check_encoding($text, 'UTF-8') || throw BadRow::notATable('it is not in UTF-8');
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a file.');
        fwrite($file, $text);
        rewind($file);
        $first = strtok($text, "\r\n") ?: '';
        $between = substr_count($first, ';') > substr_count($first, ',') ? ';' : (str_contains($first, "\t") ? "\t" : ',');
        $header = fgetcsv($file, separator: $between, escape: '');
        is_array($header) || throw BadRow::notATable('it is empty');
        $header = array_map(static fn(?string $name): string => mb_strtolower(trim((string) $name)), $header);
        $unknown = array_diff(array_filter($header), $this->columns());
        $unknown === []
            || throw BadRow::notATable(
                sprintf(
                    '“%s” is not one of its columns, which are %s',
                    mb_substr((string) reset($unknown), 0, 40),
                    implode(', ', $this->columns()),
                ),
            );
        $rows = [];
        while (($cells = fgetcsv($file, separator: $between, escape: '')) !== false) {
            if ($cells !== [null]) {
                $rows[] = $this->row($header, $cells);
            }
            count($rows) <= self::MOST_ROWS || throw BadRow::notATable('it has more than ' . self::MOST_ROWS . ' rows');
        }

        return $rows;
    }

    /**
     * @param list<string>      $header
     * @param list<string|null> $cells
     *
     * @return array<string, mixed>
     */
    private function row(array $header, array $cells): array
    {
        $row = [];
        $measures = [];
        foreach ($header as $index => $column) {
            $cell = Csv::said(trim((string) ($cells[$index] ?? '')));
            if ($column === '' || ($cell === '' && ($column === 'key' || in_array($column, self::CHOICES, true)))) {
                continue;
            }
            if ($this === self::Spools && in_array($column, Spool::QUANTITIES, true)) {
                $measures[$column] = $cell;
                continue;
            }
            $row[$column] = match (true) {
                in_array($column, self::FLAGS, true) && in_array(mb_strtolower($cell), self::YES, true) => true,
                in_array($column, self::FLAGS, true) && in_array(mb_strtolower($cell), self::NO, true) => false,
                $column === 'reels' => array_values(array_filter(array_map(trim(...), explode(';', $cell)))),
                $column === 'stamp_units', $column === 'angler' => $cell === '' ? null : $cell,
                default => $cell,
            };
        }
        if ($measures !== []) {
            $row['measures'] = $measures;
        }

        return $row;
    }

    private static function cell(string $column, mixed $value): string
    {
        return match (true) {
            in_array($column, self::FLAGS, true) => $value === true ? 'yes' : 'no',
            is_array($value) => implode('; ', array_filter($value, is_string(...))),
            default => is_scalar($value) ? (string) $value : '',
        };
    }

    /** @return RecordMapper<covariant Record> */
    private function mapper(): RecordMapper
    {
        return Mappers::records()[$this->value];
    }
}
