<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Clock;
use App\Exchange\Records;
use App\Models\Angler;
use App\Models\Filler;
use App\Models\KeptDay;
use App\Models\LineProduct;
use App\Models\Record;
use App\Models\Spool;
use App\Models\TypedFigures;
use Illuminate\Support\Carbon;
use Undro\Input\Input;

/**
 * Bench days that are kept, their spools, lines and fillers by their keys.
 *
 * @extends RecordMapper<KeptDay>
 */
final class DayMapper extends RecordMapper
{
    private const NAMES = ['spool' => Spool::class, 'filler' => Filler::class];
    /** Fields of a wish that name a record. */
    private const WISHED = ['main' => LineProduct::class, 'backing' => LineProduct::class, 'reuse' => Spool::class];

    public function __construct()
    {
        parent::__construct('days', KeptDay::class);
    }

    protected function fields(Record $record): array
    {
        return [
            'angler' => Angler::query()->find($record->angler_id)?->key,
            'draft' => (object) self::named(
                $record->draft,
                static fn(string $model, string $id): string => is_string($key = $model::query()->whereKey((int) $id)->value('key')) ? $key : '',
            ),
            'began_at' => $record->created_at->toIso8601ZuluString(),
        ];
    }

    protected function apply(array $row, Record $record, Records $records): void
    {
        $began = is_string($row['began_at'] ?? null) ? Clock::read(Input::of($row), 'began_at') : null;
        if ($began !== null && !$record->exists) {
            $record->created_at = Carbon::parse($began->iso());
        }
        $draft = self::named(
            (new TypedFigures($row))->texts('draft'),
            static fn(string $model, string $key): string => is_int($id = $model::query()->where('key', $key)->value('id')) ? (string) $id : '',
        );
        $record->angler_id = is_string($row['angler'] ?? null) ? $records->named(Angler::class, 'angler', $row['angler'])->id : null;
        $record->take(new TypedFigures(['draft' => $draft, 'archived' => ($row['archived'] ?? false) === true] + $row));
    }

    /**
     * A draft with every record it names called otherwise; what cannot be named is left out.
     *
     * @param array<string, string>                              $draft
     * @param callable(class-string<Record>, string): string $name
     *
     * @return array<string, string>
     */
    private static function named(array $draft, callable $name): array
    {
        foreach (['spools', 'done'] as $list) {
            if (($draft[$list] ?? '') !== '') {
                $draft[$list] = implode(',', array_filter(array_map(
                    static fn(string $id): string => $name(Spool::class, $id),
                    explode(',', $draft[$list]),
                ), static fn(string $found): bool => $found !== ''));
            }
        }
        foreach (['pin', 'forbid'] as $list) {
            if (($draft[$list] ?? '') !== '') {
                $draft[$list] = (string) preg_replace_callback(
                    '/\b(spool|filler):([\w-]+)/',
                    static fn(array $found): string => "$found[1]:" . $name(self::NAMES[$found[1]], $found[2]),
                    $draft[$list],
                );
            }
        }
        $wishes = json_decode($draft['wish'] ?? '', true);
        if (is_array($wishes)) {
            $named = [];
            foreach ($wishes as $spool => $wish) {
                $wish = is_array($wish) ? $wish : [];
                foreach (self::WISHED as $field => $model) {
                    if (isset($wish[$field]) && is_scalar($wish[$field])) {
                        $found = $name($model, (string) $wish[$field]);
                        $wish[$field] = $found === '' ? null : (ctype_digit($found) ? (int) $found : $found);
                    }
                }
                $named[$name(Spool::class, (string) $spool)] = $wish;
            }
            $draft['wish'] = json_encode((object) array_diff_key($named, ['' => true]), JSON_THROW_ON_ERROR);
        }

        return array_filter($draft, static fn(string $typed): bool => $typed !== '');
    }
}
