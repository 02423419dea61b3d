<?php

declare(strict_types=1);

namespace App\Exchange;

/** The records of a kind by their keys and their names. */
final class Known
{
    /** @var array<array-key, int> */
    private array $byKey = [];
    /** @var array<int, string> */
    private array $names = [];
    /** @var array<array-key, array<int, int>> */
    private array $byName = [];

    /** A record, or what it is called now. */
    public function add(int $id, string $key, string $name): void
    {
        unset($this->byName[$this->names[$id] ?? ''][$id]);
        $this->byKey[$key] = $id;
        $this->names[$id] = $name;
        $this->byName[$name][$id] = $id;
    }

    public function byKey(string $key): ?int
    {
        return $this->byKey[$key] ?? null;
    }

    /** @return list<int> */
    public function byName(string $name): array
    {
        return array_values($this->byName[$name] ?? []);
    }

    /** What the record with a key is called; null: there is none. */
    public function name(string $key): ?string
    {
        return isset($this->byKey[$key]) ? $this->names[$this->byKey[$key]] ?? null : null;
    }

    /** @return list<int> by its key, or else all of that name */
    public function called(string $word): array
    {
        return isset($this->byKey[$word]) ? [$this->byKey[$word]] : $this->byName($word);
    }
}
