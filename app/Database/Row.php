<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Contracts\Database\Query\Builder;

/** One row as the database gave it, without a model: lists read thousands, and a model's magic costs more than all the rest. */
final readonly class Row
{
    /** @param array<array-key, mixed> $columns */
    private function __construct(private array $columns) {}

    public static function of(object $row): self
    {
        return new self((array) $row);
    }

    /**
     * @param list<string> $columns
     *
     * @return list<self>
     */
    public static function all(Builder $query, array $columns = ['*']): array
    {
        $rows = [];
        foreach ($query->get($columns) as $row) {
            $rows[] = new self((array) $row);
        }

        return $rows;
    }

    /**
     * One column of whole numbers; what is none is left out.
     *
     * @return list<int>
     */
    public static function ints(Builder $query, string $column): array
    {
        return array_values(array_filter($query->pluck($column)->all(), is_int(...)));
    }

    public function int(string $column): int
    {
        return $this->optionalInt($column) ?? throw $this->missing($column, 'whole number');
    }

    public function optionalInt(string $column): ?int
    {
        $value = $this->columns[$column] ?? null;

        return is_numeric($value) ? (int) $value : null;
    }

    public function float(string $column): float
    {
        return $this->optionalFloat($column) ?? throw $this->missing($column, 'number');
    }

    public function optionalFloat(string $column): ?float
    {
        $value = $this->columns[$column] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    public function text(string $column): string
    {
        return $this->optionalText($column) ?? throw $this->missing($column, 'text');
    }

    public function optionalText(string $column): ?string
    {
        $value = $this->columns[$column] ?? null;

        return is_scalar($value) ? (string) $value : null;
    }

    public function bool(string $column): bool
    {
        return (bool) ($this->columns[$column] ?? false);
    }

    /** @return array<array-key, mixed> a column that holds JSON, decoded */
    public function json(string $column): array
    {
        $value = json_decode($this->text($column), true, flags: JSON_THROW_ON_ERROR);

        return is_array($value) ? $value : throw $this->missing($column, 'object or list');
    }

    private function missing(string $column, string $what): \LogicException
    {
        return new \LogicException("The row has no $what in “{$column}”.");
    }
}
