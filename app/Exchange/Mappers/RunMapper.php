<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Clock;
use App\Exchange\Records;
use App\Exchange\RunRecords;
use App\Models\Angler;
use App\Models\Reel;
use App\Models\Run;
use App\Models\RunMark;
use App\Models\Spool;
use App\Runs\Going;
use Illuminate\Support\Facades\DB;
use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Ledger\BadLedger;

/** A run with its marks. The records that it names by number in its basis and its marks are named by their keys. */
final class RunMapper implements Mapper
{
    private const MARKS = 20_000;

    public function rows(?array $keys = null): array
    {
        $runs = Run::query()->with('marks')->orderBy('id');
        $keys === null || $runs->whereIn('uuid', $keys);

        return array_values(array_map(self::row(...), $runs->get()->all()));
    }

    /** Marks that are known change nothing, new ones are added. */
    public function take(array $row, Taking $taking): string
    {
        $in = Input::of($row);
        $uuid = $in->text('id', 36);
        $run = Run::query()->where('uuid', $uuid)->first();
        $ended = $in->has('ended_at') ? Clock::read($in, 'ended_at')->iso() : null;
        $taking->back->changed('runs', $uuid, $run === null ? null : self::row($run));
        $state = $run === null ? 'new' : 'same';
        $run ??= self::begin($row, $in, $ended, $taking->records);
        $more = $this->takeMarks($run, $in);
        if ($state === 'same' && ($more || ($ended !== null && $run->ended_at === null))) {
            $state = 'changed';
            $run->update(['ended_at' => $run->ended_at ?? $ended]);
        }
        // what cannot be read again must not be kept
        (new Going($run))->standing();

        return $state;
    }

    /** @return array<string, mixed> */
    private static function row(Run $run): array
    {
        $basis = RunRecords::keys($run->basis);

        return [
            'id' => $run->uuid,
            'name' => $run->name,
            'angler' => Angler::query()->find($run->angler_id)?->key,
            'reel' => Reel::query()->find($run->reel_id)?->key,
            'spool' => Spool::query()->find($run->spool_id)?->key,
            'basis' => (object) (['draft' => (object) (is_array($basis['draft'] ?? null) ? $basis['draft'] : [])] + $basis),
            'truth' => $run->truth === null ? null : (object) $run->truth,
            'started_at' => $run->started_at,
            'ended_at' => $run->ended_at,
            'marks' => $run->marks->map(static fn(RunMark $mark): array => [
                'id' => $mark->uuid,
                'kind' => $mark->kind->value,
                'at' => $mark->at,
                'mark' => (object) RunRecords::keysOfMark($mark->mark),
            ])->all(),
        ];
    }

    /** @param array<array-key, mixed> $row */
    private static function begin(array $row, Input $in, ?string $ended, Records $records): Run
    {

        return Run::query()->create([
            'uuid' => $in->text('id', 36),
            'name' => $in->text('name', 120),
            'angler_id' => $in->has('angler') ? $records->id(Angler::class, 'angler', $row['angler']) : null,
            'reel_id' => $in->has('reel') ? $records->id(Reel::class, 'reel', $row['reel']) : null,
            'spool_id' => $in->has('spool') ? $records->id(Spool::class, 'spool', $row['spool']) : null,
            'basis' => RunRecords::numbers($in->has('basis') ? $in->object('basis')->all() : []),
            'truth' => $in->has('truth') ? $in->object('truth')->all() : null,
            'started_at' => Clock::read($in, 'started_at')->iso(),
            'ended_at' => $ended,
        ]);
    }

    /** @return bool whether there were new ones */
    private function takeMarks(Run $run, Input $in): bool
    {
        $known = RunMark::query()->where('run_id', $run->id)->pluck('kind', 'uuid')->all();
        $marks = [];
        foreach ($in->objects('marks', 0, self::MARKS) as $mark) {
            $id = $mark->text('id', 36);
            if (!isset($known[$id])) {
                $told = RunRecords::numbersOfMark($mark->object('mark')->all());
                RunInput::mark(Input::of(['kind' => $mark->text('kind', 40)] + $told));
                RunMark::query()->where('uuid', $id)->doesntExist() || throw BadLedger::idOfSomethingElse($id);
                $marks[] = [
                    'uuid' => $id,
                    'run_id' => $run->id,
                    'kind' => $mark->text('kind', 40),
                    'at' => Clock::read($mark, 'at')->iso(),
                    'mark' => json_encode((object) $told, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                ];
                $known[$id] = true;
            }
        }
        foreach (array_chunk($marks, 400) as $chunk) {
            DB::table('run_marks')->insert($chunk);
        }

        return $marks !== [];
    }
}
