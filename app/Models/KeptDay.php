<?php

declare(strict_types=1);

namespace App\Models;

use App\Database\Row;
use Illuminate\Support\Carbon;
use Undro\Day\Task;

/**
 * A bench day that is kept: what is picked and wanted, pinned and forbidden, and what was ticked by hand, as typed. What is cut and what runs
 * have done is worked out each time.
 *
 * @property int                   $id
 * @property string                $name
 * @property array<string, string> $draft
 * @property int|null              $angler_id
 * @property Carbon                $created_at
 */
final class KeptDay extends Record
{
    private const LONGEST = 60;

    protected $table = 'days';
    public $timestamps = true;
    /** As in the database, so that a new record need not be read back. */
    protected $attributes = ['archived_at' => null, 'name' => '', 'version' => 1];
    protected $casts = ['draft' => 'array'];

    protected function read(TypedFigures $figures): void
    {
        if ($figures->has('name')) {
            $this->fill($figures->words(['name']));
        }
        if ($figures->has('draft')) {
            $this->draft = self::sound($figures->texts('draft'));
        }
    }

    /**
     * What of it speaks of spools, lines and fillers there are; the rest means nothing to anybody.
     *
     * @param array<string, string> $typed
     *
     * @return array<string, string>
     */
    private static function sound(array $typed): array
    {
        $known = [];
        foreach ([Spool::class, Filler::class, LineProduct::class] as $model) {
            $known[$model] = array_flip(Row::ints($model::query(), 'id'));
        }
        $is = static fn(string $model, mixed $id): bool => is_numeric($id) && isset($known[$model][(int) $id]);
        $numbers = static fn(string $list): string => implode(',', array_unique(array_filter(
            explode(',', $list),
            static fn(string $id): bool => ctype_digit($id) && strlen($id) < 18 && $is(Spool::class, $id),
        )));
        $choices = static fn(string $list): string => implode(';', array_filter(
            explode(';', $list),
            static fn(string $each): bool => preg_match('/^spool:(\d{1,17})\|(?:main|backing)\|(filler|pack|spool):(\d{1,17})$/', $each, $found) === 1
                && $is(Spool::class, $found[1])
                && ($found[2] === 'pack' || $is($found[2] === 'filler' ? Filler::class : Spool::class, $found[3])),
        ));
        $wishes = [];
        $read = json_decode($typed['wish'] ?? '', true);
        foreach (is_array($read) ? $read : [] as $spool => $wish) {
            if (is_array($wish) && $is(Spool::class, $spool)) {
                $kept = [];
                foreach (['main' => LineProduct::class, 'backing' => LineProduct::class, 'reuse' => Spool::class] as $field => $model) {
                    if (array_key_exists($field, $wish) && ($wish[$field] === null || (is_int($wish[$field]) && $is($model, $wish[$field])))) {
                        $kept[$field] = $wish[$field];
                    }
                }
                if (is_string($wish['length'] ?? null) && mb_strlen($wish['length']) <= self::LONGEST) {
                    $kept['length'] = $wish['length'];
                }
                $task = is_string($wish['task'] ?? null) ? Task::tryFrom($wish['task']) : null;
                $wishes[$spool] = $task === null ? $kept : ['task' => $task->value] + $kept;
            }
        }

        return array_filter([
            'spools' => $numbers($typed['spools'] ?? ''),
            'done' => $numbers($typed['done'] ?? ''),
            'pin' => $choices($typed['pin'] ?? ''),
            'forbid' => $choices($typed['forbid'] ?? ''),
            'pieces' => ($typed['pieces'] ?? '') === '2' ? '2' : '',
            'wish' => $wishes === [] ? '' : json_encode((object) $wishes, JSON_THROW_ON_ERROR),
        ], static fn(string $text): bool => $text !== '');
    }

    /** @return list<int> the spools that are picked */
    public function spools(): array
    {
        return $this->numbers('spools');
    }

    /** @return list<int> spools that were ticked by hand */
    public function ticked(): array
    {
        return $this->numbers('done');
    }

    /** What is to be done with a spool; null: as usual. */
    public function task(int $spool): ?Task
    {
        $wishes = json_decode($this->draft['wish'] ?? '', true);
        $wish = is_array($wishes) ? $wishes[$spool] ?? null : null;
        $task = is_array($wish) ? $wish['task'] ?? null : null;

        return is_string($task) ? Task::tryFrom($task) : null;
    }

    /** @return list<int> */
    private function numbers(string $list): array
    {
        return array_values(array_filter(array_map(intval(...), explode(',', $this->draft[$list] ?? ''))));
    }
}
