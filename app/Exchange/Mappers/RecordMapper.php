<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Exchange\Differences;
use App\Exchange\Records;
use App\Models\Record;
use Illuminate\Support\Str;

/**
 * One kind of record as rows: of a document, and of a table where there is one. Everything that is said of the kind outside of its
 * model and its schema stands in its mapper.
 *
 * @template M of Record
 */
abstract class RecordMapper implements Mapper
{
    /**
     * @param string          $kind  as documents call it
     * @param class-string<M> $model
     * @param list<string>    $with  relations that its rows speak of
     */
    public function __construct(public readonly string $kind, public readonly string $model, public readonly array $with = []) {}

    public function rows(?array $keys = null): array
    {
        $records = $this->model::query()->with($this->with)->orderBy('id');
        $keys === null || $records->whereIn('key', $keys);

        return array_values(array_map($this->row(...), $records->get()->all()));
    }

    public function take(array $row, Taking $taking): string
    {
        $record = $taking->records->matching($this, $row);
        $row = $this->resolved($row, $record, $taking->records);
        $is = $record === null ? null : $this->compared($record->loadMissing($this->with));
        $more = $this->more($row, $record, $taking);
        unset($row[$this->beside()]);
        if ($is !== null && $more === null && self::same($row, $is)) {
            return 'same';
        }
        $is === null || self::tell($row, $is, $taking);
        $record ??= $this->blank($row);
        if (!$record->exists) {
            $record->key = is_string($row['key'] ?? null) && $row['key'] !== '' ? $row['key'] : (string) Str::uuid();
        }
        $taking->back->changed($this->kind, $record->key, $is);
        $record->changing(null);
        $this->apply($row, $record, $taking->records);
        $more === null || $more($record);
        $taking->records->saved($record);

        return $is === null ? 'new' : 'changed';
    }

    /** @return list<string> of its table; none: there is no table of it */
    public function columns(): array
    {
        return [];
    }

    /** @return iterable<array<string, mixed>> the rows of its table */
    public function table(Taking $taking): iterable
    {
        foreach ($this->model::query()->with($this->with)->orderBy('id')->get() as $record) {
            yield $this->cells($record, $taking) + $this->row($record);
        }
    }

    /**
     * @param M $record
     *
     * @return array<string, mixed> the row of a document
     */
    final public function row(Record $record): array
    {
        return ['key' => $record->key, 'name' => $record->name, 'archived' => $record->archived_at !== null] + $this->fields($record);
    }

    /**
     * What the record of a row is called, for those who look at it.
     *
     * @param array<array-key, mixed> $row
     */
    public function called(array $row, Records $records): string
    {
        return is_string($row['name'] ?? null) ? $row['name'] : '';
    }

    /** A column that a table has beside what the record is; taken by itself. */
    protected function beside(): string
    {
        return '';
    }

    /**
     * @param M $record
     *
     * @return array<string, mixed> what it has beside its key, its name and whether it is put away
     */
    abstract protected function fields(Record $record): array;

    /**
     * @param array<array-key, mixed> $row
     * @param M                       $record
     */
    abstract protected function apply(array $row, Record $record, Records $records): void;

    /**
     * @param array<array-key, mixed> $row
     *
     * @return M not kept yet
     */
    protected function blank(array $row): Record
    {
        return new $this->model();
    }

    /**
     * The row with the records that it names called by their keys.
     *
     * @param array<array-key, mixed> $row
     * @param M|null                  $record
     *
     * @return array<array-key, mixed>
     *
     * @throws \Undro\DomainFault if there is no such record
     */
    protected function resolved(array $row, ?Record $record, Records $records): array
    {
        return $row;
    }

    /**
     * What a row may be compared with, where that is more than a document says.
     *
     * @param M $record
     *
     * @return array<string, mixed>
     */
    protected function compared(Record $record): array
    {
        return $this->row($record);
    }

    /**
     * What a row says beside the record; null: nothing that is news.
     *
     * @param array<array-key, mixed> $row
     * @param M|null                  $record
     *
     * @return (\Closure(M): void)|null done once the record is kept
     */
    protected function more(array $row, ?Record $record, Taking $taking): ?\Closure
    {
        return null;
    }

    /**
     * What its table says in another way than a document.
     *
     * @param M $record
     *
     * @return array<string, mixed>
     */
    protected function cells(Record $record, Taking $taking): array
    {
        return [];
    }

    /** @return list<array<array-key, mixed>> */
    protected static function objects(mixed $value): array
    {
        return is_array($value) ? array_values(array_filter($value, is_array(...))) : [];
    }

    /**
     * Says which figures a row changes.
     *
     * @param array<array-key, mixed> $row
     * @param array<string, mixed>    $is
     */
    private static function tell(array $row, array $is, Taking $taking): void
    {
        $is = json_decode(json_encode($is, JSON_THROW_ON_ERROR), true);
        foreach ($row as $field => $said) {
            $taking->differences->between(
                (string) $field,
                is_array($is) ? $is[$field] ?? null : null,
                $said,
                $taking->records->nameOf(...),
            );
        }
    }

    /**
     * Whether a record already is what a row says, in every field the row has.
     *
     * @param array<array-key, mixed> $row
     * @param array<string, mixed>    $is
     */
    private static function same(array $row, array $is): bool
    {
        $is = json_decode(json_encode($is, JSON_THROW_ON_ERROR), true);
        foreach ($row as $field => $said) {
            $here = is_array($is) ? $is[$field] ?? null : null;
            // of the measures a row may name only some
            if ($field === 'measures' && is_array($said) && is_array($here)) {
                $here = array_intersect_key($here, $said);
            }
            if (!Differences::equal($said, $here)) {
                return false;
            }
        }

        return true;
    }
}
