<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Exchange\Records;
use App\Models\Angler;
use App\Models\Record;
use App\Models\TypedFigures;
use Undro\Input\Input;
use Undro\Json\LessonJson;

/** @extends RecordMapper<Angler> */
final class AnglerMapper extends RecordMapper
{
    public function __construct()
    {
        parent::__construct('anglers', Angler::class, ['habits']);
    }

    protected function fields(Record $record): array
    {
        return [
            'pace_turns_per_min' => $record->pace_turns_per_min,
            'units' => ['length' => $record->unit_length, 'small' => $record->unit_small, 'force' => $record->unit_force, 'money' => $record->unit_money],
            'habits' => (object) $record->habits->pluck('choice', 'question')->all(),
            'practised' => $record->practised,
        ];
    }

    protected function apply(array $row, Record $record, Records $records): void
    {
        // a document has all habits, those of other kinds of question too, in one list
        $record->take(new TypedFigures(['archived' => ($row['archived'] ?? false) === true] + array_diff_key($row, ['habits' => true])));
        foreach ((new TypedFigures($row))->texts('habits') as $question => $choice) {
            $record->setHabit($question, $choice);
        }
        if (isset($row['practised'])) {
            $record->practise(array_map(LessonJson::noted(...), Input::of($row)->objects('practised', 0, Angler::MOST_PRACTISED)));
        }
    }
}
