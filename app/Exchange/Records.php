<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Database\Row;
use App\Exchange\Mappers\Mappers;
use App\Exchange\Mappers\RecordMapper;
use App\Models\Angler;
use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Record;
use App\Models\Reel;
use App\Models\Run;
use App\Models\Spool;
use Illuminate\Database\Eloquent\Builder;

/** Finds the records that a file names. */
final class Records
{
    private const WORDS = [
        Angler::class => 'angler',
        LineProduct::class => 'line',
        Reel::class => 'reel',
        Spool::class => 'spool',
        Filler::class => 'filler',
    ];

    /** @var array<class-string, array<string, int>> */
    private array $ids = [];
    /** @var array<string, int> */
    private array $runs = [];
    /** @var array<class-string, Known> */
    private array $known = [];
    /** @var array<class-string, array<int, Record>> read ahead */
    private array $ready = [];
    /** @var array<class-string, array<int, Record>> that rows name; only what they are called by is asked of them */
    private array $named = [];

    /**
     * Reads at once what the next rows speak of; one by one it would take most of the time.
     *
     * @param list<array{string, int, array<array-key, mixed>}> $rows kind, number and row
     */
    public function expect(array $rows): void
    {
        $this->ready = [];
        $mappers = Mappers::records();
        $ids = [];
        foreach ($rows as [$kind, , $row]) {
            $id = isset($mappers[$kind]) && $kind !== 'spools' ? $this->idOf($mappers[$kind]->model, $row) : null;
            $id === null || $ids[$kind][] = $id;
        }
        foreach ($ids as $kind => $wanted) {
            $model = $mappers[$kind]->model;
            foreach ($model::query()->with($mappers[$kind]->with)->whereIntegerInRaw('id', $wanted)->get() as $record) {
                $this->ready[$model][$record->id] = $record;
            }
        }
    }

    /** Looks everything up again. */
    public function forget(): void
    {
        $this->ids = $this->runs = $this->known = $this->ready = $this->named = [];
    }

    /**
     * The record a row speaks of: by its key, or in a table without keys by its name. Fillers have no name of their own.
     *
     * @template M of Record
     *
     * @param RecordMapper<M>         $mapper
     * @param array<array-key, mixed> $row
     *
     * @return M|null
     */
    public function matching(RecordMapper $mapper, array $row): ?Record
    {
        $id = $this->idOf($mapper->model, $row);
        if ($id === null) {
            return null;
        }
        // read ahead it is used once: a second row of the same record sees what the first has made of it
        $ready = $this->ready[$mapper->model][$id] ?? null;
        unset($this->ready[$mapper->model][$id]);
        $found = $ready ?? $mapper->model::query()->find($id);

        return $found instanceof $mapper->model ? $found : null;
    }

    /** A record as it has been saved, for the rows that follow. */
    public function saved(Record $record): void
    {
        if (isset($this->known[$record::class])) {
            $this->known[$record::class]->add($record->id, $record->key, $record->name);
        }
    }

    /**
     * @template M of Angler|LineProduct|Filler|Reel|Spool
     *
     * @param class-string<M> $model
     *
     * @return M
     *
     * @throws BadRow if there is none, or more than one of that name
     */
    public function named(string $model, string $field, mixed $name): Record
    {
        $word = self::WORDS[$model];
        $name = is_string($name) ? trim($name) : '';
        $name !== '' || throw BadRow::noSuch($field, $word, '');
        $called = $this->known($model)->called($name);
        count($called) < 2 || throw BadRow::severalOf($field, $word, $name);
        $called !== [] || throw BadRow::noSuch($field, $word, $name);

        $found = $this->named[$model][$called[0]] ??= $model::query()->findOrFail($called[0]);

        return $found instanceof $model ? $found : throw BadRow::noSuch($field, $word, $name);
    }

    /**
     * The number of a named record; a history names the same few thousands of times.
     *
     * @param class-string<Angler|LineProduct|Filler|Reel|Spool> $model
     *
     * @throws BadRow
     */
    public function id(string $model, string $field, mixed $name): int
    {
        return is_string($name)
            ? $this->ids[$model][$name] ??= $this->named($model, $field, $name)->id
            : $this->named($model, $field, $name)->id;
    }

    /** What a record is called whose key stands in a field; the field's own text where there is none. */
    public function nameOf(string $field, string $key): string
    {
        $model = array_flip(self::WORDS)[rtrim($field, 's')] ?? null;
        $name = $model === null ? null : $this->known($model)->name($key);

        return $name === null || $name === '' ? $key : $name;
    }

    /** The number of a run. @throws BadRow */
    public function run(string $uuid): int
    {
        return $this->runs[$uuid] ??= Run::query()->where('uuid', $uuid)->first()->id ?? throw BadRow::noSuch('run', 'run', $uuid);
    }

    /**
     * @param class-string<Record>    $model
     * @param array<array-key, mixed> $row
     */
    private function idOf(string $model, array $row): ?int
    {
        $key = $row['key'] ?? '';
        if (is_string($key) && $key !== '') {
            return $this->known($model)->byKey($key);
        }
        $name = $row['name'] ?? '';
        if ($model === Filler::class || !is_string($name) || $name === '') {
            return null;
        }
        $called = $this->known($model)->byName($name);
        if ($model === Spool::class && $called !== []) {
            $reels = is_array($row['reels'] ?? null) ? $row['reels'] : [];
            $called = Row::ints(Spool::query()->whereKey($called)
                ->whereHas('reels', static fn(Builder $reel): Builder => $reel->whereIn('name', $reels)->orWhereIn('key', $reels)), 'id');
        }

        return count($called) === 1 ? $called[0] : null;
    }

    /** @param class-string<Record> $model */
    private function known(string $model): Known
    {
        if (!isset($this->known[$model])) {
            $this->known[$model] = new Known();
            foreach (Row::all($model::query()->toBase()->orderBy('id'), ['id', 'key', 'name']) as $row) {
                $this->known[$model]->add($row->int('id'), $row->text('key'), $row->text('name'));
            }
        }

        return $this->known[$model];
    }
}
