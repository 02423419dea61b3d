<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Reel;
use App\Models\Spool;
use Undro\Strip\Removal;

/** The records that a run names by number, in its basis and its marks, and by key in a document. */
final class RunRecords
{
    private const SOURCES = ['line' => LineProduct::class, 'filler' => Filler::class, 'spool' => Spool::class];

    /**
     * @param array<array-key, mixed> $basis with numbers
     *
     * @return array<array-key, mixed> with keys
     */
    public static function keys(array $basis): array
    {
        return self::basis($basis, self::key(...));
    }

    /**
     * @param array<array-key, mixed> $basis with keys
     *
     * @return array<array-key, mixed> with numbers; a record that is not here is left out
     */
    public static function numbers(array $basis): array
    {
        return self::basis($basis, self::number(...));
    }

    /**
     * @param array<array-key, mixed> $mark with numbers
     *
     * @return array<array-key, mixed> with keys
     */
    public static function keysOfMark(array $mark): array
    {
        return self::mark($mark, self::key(...));
    }

    /**
     * @param array<array-key, mixed> $mark with keys
     *
     * @return array<array-key, mixed> with numbers
     */
    public static function numbersOfMark(array $mark): array
    {
        return self::mark($mark, self::number(...));
    }

    /** @param class-string<Filler|LineProduct|Reel|Spool> $model */
    private static function key(string $model, mixed $id): mixed
    {
        return is_numeric($id) ? $model::query()->whereKey((int) $id)->value('key') : null;
    }

    /** @param class-string<Filler|LineProduct|Reel|Spool> $model */
    private static function number(string $model, mixed $key): mixed
    {
        return is_string($key) && $key !== '' ? $model::query()->where('key', $key)->value('id') : null;
    }

    /**
     * @param array<array-key, mixed>         $basis
     * @param \Closure(class-string<Filler|LineProduct|Reel|Spool>, mixed): mixed $name
     *
     * @return array<array-key, mixed>
     */
    private static function basis(array $basis, \Closure $name): array
    {
        $sources = is_array($basis['sources'] ?? null) ? $basis['sources'] : [];
        foreach ($sources as $layer => $source) {
            $sources[$layer] = is_array($source) ? self::named($source, self::SOURCES, $name) : [];
        }
        $draft = is_array($basis['draft'] ?? null) ? $basis['draft'] : [];
        foreach (Document::DRAFT_RECORDS as $field => $model) {
            if (($draft[$field] ?? '') !== '') {
                $found = $name($model, $draft[$field]);
                $draft[$field] = is_scalar($found) ? (string) $found : '';
            }
        }

        return ['sources' => $sources, 'draft' => $draft] + $basis;
    }

    /**
     * @param array<array-key, mixed>         $mark
     * @param \Closure(class-string<Filler|LineProduct|Reel|Spool>, mixed): mixed $name
     *
     * @return array<array-key, mixed>
     */
    private static function mark(array $mark, \Closure $name): array
    {
        $how = is_string($mark['how'] ?? null) ? Removal::tryFrom($mark['how']) : null;

        return self::named(
            $mark,
            ['filler' => Filler::class, 'to' => $how?->ontoASpool() === true ? Spool::class : Filler::class],
            $name,
        );
    }

    /**
     * @param array<array-key, mixed>         $facts
     * @param array<string, class-string<Filler|LineProduct|Reel|Spool>> $fields
     * @param \Closure(class-string<Filler|LineProduct|Reel|Spool>, mixed): mixed $name
     *
     * @return array<array-key, mixed>
     */
    private static function named(array $facts, array $fields, \Closure $name): array
    {
        foreach ($fields as $field => $model) {
            if (isset($facts[$field])) {
                $facts[$field] = $name($model, $facts[$field]);
            }
        }

        return $facts;
    }
}
