<?php

declare(strict_types=1);

namespace App\Database;

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
     * @param string                              $key  of the question
     * @param \Closure(): array<array-key, mixed> $work
     *
     * @return array<array-key, mixed>
     */
    public function remembered(string $key, \Closure $work): array
    {
        $kept = array_key_exists($key, $this->ahead) ? $this->ahead[$key] : self::kept()->get($key);
        if (is_array($kept)) {
            return $kept;
        }
        $answer = $work();
        Spare::write(static fn(): bool => self::kept()->forever($key, $answer));
        if (array_key_exists($key, $this->ahead)) {
            $this->ahead[$key] = $answer;
        }

        return $answer;
    }

    /**
     * A whole answer as JSON that is asked for again and again: one is kept in each place, with what it was worked out from.
     *
     * @param string                              $place of the one that is kept
     * @param string                              $stamp another one whenever the answer may be another
     * @param \Closure(): array<array-key, mixed> $work
     */
    public function latest(string $place, string $stamp, \Closure $work): string
    {
        $key = self::key(['latest', $place]);
        $kept = self::kept()->get($key);
        if (is_array($kept) && ($kept['stamp'] ?? null) === $stamp && is_string($kept['json'] ?? null)) {
            return $kept['json'];
        }
        $json = json_encode($work(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
        Spare::write(static fn(): bool => self::kept()->forever($key, ['stamp' => $stamp, 'json' => $json]));

        return $json;
    }

    /**
     * Reads many at once that will be asked for.
     *
     * @param list<string> $keys of the questions
     */
    public function readAhead(array $keys): void
    {
        if (DB::table(self::TABLE)->count() > self::MOST) {
            Spare::write(static fn(): bool => Cache::store(self::TABLE)->clear());
        }
        foreach (array_chunk(array_values(array_unique($keys)), 500) as $some) {
            foreach (self::kept()->many($some) as $key => $kept) {
                $this->ahead[(string) $key] = is_array($kept) ? $kept : null;
            }
        }
    }

    private static function kept(): Repository
    {
        return Cache::store(self::TABLE);
    }

    /** @param list<string|int|null> $question all that the answer depends on */
    public static function key(array $question): string
    {
        return md5(json_encode($question, JSON_THROW_ON_ERROR));
    }
}
