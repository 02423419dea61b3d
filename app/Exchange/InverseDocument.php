<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Clock;
use App\Exchange\Mappers\Mapper;
use App\Exchange\Mappers\Mappers;
use Illuminate\Support\Str;
use Undro\Ledger\EventKind;

/**
 * What an import has done so far, and the document that takes it back: what was changed as it was before, what is new put away, and
 * every new entry of the history voided. Read in like any other document, so nothing is ever deleted.
 */
final class InverseDocument
{
    private const AT_ONCE = 400;

    /** @var array<string, array<array-key, array<string, mixed>|null>> as it was before, by kind and key; null: it was not there */
    private array $before = [];
    /** @var list<string> */
    private array $events = [];
    /** @var array{list<array{string, string}>, int} what was noted in what is being done, and how many entries there were before it */
    private array $tried = [[], 0];

    /** @param array<string, mixed>|null $before */
    public function changed(string $kind, string $key, ?array $before): void
    {
        $this->before[$kind] ??= [];
        if (!array_key_exists($key, $this->before[$kind])) {
            $this->before[$kind][$key] = $before;
            $this->tried[0][] = [$kind, $key];
        }
    }

    public function recorded(string $event): void
    {
        $this->events[] = $event;
    }

    /**
     * Does something of which, where it fails, nothing is to be taken back.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function during(\Closure $work): mixed
    {
        $this->tried = [[], count($this->events)];
        try {
            return $work();
        } catch (\Throwable $fault) {
            $this->forgetTried();
            throw $fault;
        }
    }

    private function forgetTried(): void
    {
        foreach ($this->tried[0] as [$kind, $key]) {
            unset($this->before[$kind][$key]);
        }
        array_splice($this->events, $this->tried[1]);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $rows = [];
        foreach (Mappers::all() as $kind => $mapper) {
            $rows[$kind] = $this->rows($kind, $mapper);
        }
        $now = Clock::now();

        return ['undro' => Document::VERSION] + $rows + ['history' => array_map(static fn(string $id): array => [
            'id' => (string) Str::uuid(),
            'kind' => EventKind::Voided->value,
            'happened_at' => $now,
            'corrects' => $id,
        ], $this->events)];
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $kind, Mapper $mapper): array
    {
        $rows = [];
        foreach (array_chunk($this->before[$kind] ?? [], self::AT_ONCE, true) as $chunk) {
            foreach ($mapper->rows(array_map(strval(...), array_keys($chunk))) as $row) {
                $before = $chunk[is_string($row['key'] ?? null) ? $row['key'] : (is_string($row['id']) ? $row['id'] : '')] ?? null;
                $rows[] = match (true) {
                    $before !== null => self::withoutNewPacks($before, $row),
                    // a run cannot be put away; it is over
                    $kind === 'runs' => ['ended_at' => $row['ended_at'] ?? Clock::now()] + $row,
                    default => ['archived' => true] + $row,
                };
            }
        }

        return $rows;
    }

    /**
     * A pack that came with the import is taken off the list again.
     *
     * @param array<string, mixed> $before
     * @param array<string, mixed> $now
     *
     * @return array<string, mixed>
     */
    private static function withoutNewPacks(array $before, array $now): array
    {
        if (!is_array($before['packs'] ?? null)) {
            return $before;
        }
        $known = array_column($before['packs'], 'length');
        $new = array_filter(
            is_array($now['packs']) ? $now['packs'] : [],
            static fn(mixed $pack): bool => is_array($pack) && !in_array($pack['length'], $known, true),
        );

        return [
            'packs' => [
                ...$before['packs'],
                ...array_map(static fn(array $pack): array => ['archived' => true] + $pack, array_values($new)),
            ],
        ] + $before;
    }
}
