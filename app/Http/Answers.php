<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\FullDisk;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** Answers that take a while, worked out once for each question. A question holds all that the answer depends on, so none ever ages. */
final class Answers
{
    /** Beyond this many the kept ones are thrown away. */
    private const MOST = 5000;
    private const TABLE = 'answers';

    /** @var array<string, array<array-key, mixed>|null> read ahead */
    private array $ahead = [];

    /**
     * @param list<string|int|null>               $question all that it depends on
     * @param \Closure(): array<array-key, mixed> $work
     *
     * @return array<array-key, mixed>
     */
    public function remembered(array $question, \Closure $work): array
    {
        $key = self::key($question);
        $kept = array_key_exists($key, $this->ahead) ? $this->ahead[$key] : self::kept()->get($key);
        if (is_array($kept)) {
            return $kept;
        }
        $answer = $work();
        FullDisk::orLeave(static fn(): bool => self::kept()->forever($key, $answer));
        if (array_key_exists($key, $this->ahead)) {
            $this->ahead[$key] = $answer;
        }

        return $answer;
    }

    /**
     * Reads many at once that will be asked for.
     *
     * @param list<list<string|int|null>> $questions
     */
    public function readAhead(array $questions): void
    {
        if (DB::table(self::TABLE)->count() > self::MOST) {
            FullDisk::orLeave(static fn(): bool => Cache::store(self::TABLE)->clear());
        }
        foreach (array_chunk(array_values(array_unique(array_map(self::key(...), $questions))), 500) as $keys) {
            foreach (self::kept()->many($keys) as $key => $kept) {
                $this->ahead[(string) $key] = is_array($kept) ? $kept : null;
            }
        }
    }

    private static function kept(): Repository
    {
        return Cache::store(self::TABLE);
    }

    /** @param list<string|int|null> $question */
    private static function key(array $question): string
    {
        return md5(json_encode($question, JSON_THROW_ON_ERROR));
    }
}
