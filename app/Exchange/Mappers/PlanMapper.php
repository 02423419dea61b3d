<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Clock;
use App\Exchange\Document;
use App\Exchange\Records;
use App\Models\Angler;
use App\Models\Plan;
use App\Models\Record;
use App\Models\TypedFigures;
use Illuminate\Support\Carbon;
use Undro\Input\Input;

/** @extends RecordMapper<Plan> */
final class PlanMapper extends RecordMapper
{
    public function __construct()
    {
        parent::__construct('plans', Plan::class);
    }

    protected function fields(Record $record): array
    {
        $draft = $record->draft;
        foreach (Document::DRAFT_RECORDS as $field => $model) {
            if (($draft[$field] ?? '') !== '') {
                $key = $model::query()->whereKey((int) $draft[$field])->value('key');
                $draft[$field] = is_string($key) ? $key : '';
            }
        }

        return [
            'angler' => Angler::query()->find($record->angler_id)?->key,
            'draft' => (object) array_filter($draft, static fn(string $typed): bool => $typed !== ''),
            'saved_at' => $record->created_at->toIso8601ZuluString(),
        ];
    }

    protected function apply(array $row, Record $record, Records $records): void
    {
        $saved = is_string($row['saved_at'] ?? null) ? Clock::read(Input::of($row), 'saved_at') : null;
        if ($saved !== null && !$record->exists) {
            $record->created_at = Carbon::parse($saved->iso());
        }
        $draft = (new TypedFigures($row))->texts('draft');
        foreach (Document::DRAFT_RECORDS as $field => $model) {
            if (($draft[$field] ?? '') !== '') {
                $id = $model::query()->where('key', $draft[$field])->value('id');
                $draft[$field] = is_int($id) ? (string) $id : '';
            }
        }
        $record->angler_id = is_string($row['angler'] ?? null) ? $records->named(Angler::class, 'angler', $row['angler'])->id : null;
        $record->take(new TypedFigures(['draft' => $draft, 'archived' => ($row['archived'] ?? false) === true] + $row));
    }
}
