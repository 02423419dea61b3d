<?php

declare(strict_types=1);

namespace App\Log;

use App\Database\FullDisk;
use Illuminate\Support\Facades\DB;
use Undro\Contract\Compute;
use Undro\DomainFault;

/** Pictures of spools, worked out once for each question. A question is a spool's figures and what lies on it, so an answer never ages. */
final class Pictures
{
    /** Beyond this many the kept ones are thrown away. */
    private const MOST = 5000;

    /** @var array<string, array<string, mixed>>|null */
    private ?array $kept = null;
    private int $unread = 0;

    /**
     * Anything else that takes a while, worked out once for each question.
     *
     * @param array<array-key, mixed>        $question what it depends on, all of it
     * @param \Closure(): array<string, mixed> $work
     *
     * @return array<string, mixed>
     */
    public function remembered(array $question, \Closure $work): array
    {
        $key = md5(json_encode($question, JSON_THROW_ON_ERROR));
        $kept = DB::table('picture_caches')->where('question', $key)->value('picture');
        if (is_string($kept)) {
            return self::read($kept);
        }
        $answer = $work();
        self::keep($key, $answer);

        return $answer;
    }

    /**
     * @param array<string, mixed> $question as "picture" takes it
     *
     * @return array<string, mixed>
     */
    public function of(array $question): array
    {
        $key = md5(json_encode($question, JSON_THROW_ON_ERROR));
        $kept = $this->find($key);
        if ($kept !== null) {
            return $kept;
        }
        try {
            $picture = Compute::run('picture', $question) + ['problem' => null];
        } catch (DomainFault $fault) {
            $picture = ['shape' => null, 'layers' => [], 'filled_fraction' => null, 'problem' => $fault->getMessage()];
        }
        self::keep($key, $picture);
        if ($this->kept !== null) {
            $this->kept[$key] = $picture;
        }

        return $picture;
    }

    /**
     * One by one at first, all at once as soon as a list asks for many.
     *
     * @return array<string, mixed>|null
     */
    private function find(string $key): ?array
    {
        if ($this->kept === null && ++$this->unread < 5) {
            $one = DB::table('picture_caches')->where('question', $key)->value('picture');

            return is_string($one) ? self::read($one) : null;
        }
        if ($this->kept === null) {
            $this->kept = [];
            if (DB::table('picture_caches')->count() > self::MOST) {
                FullDisk::orLeave(static fn(): int => DB::table('picture_caches')->delete());
            }
            /** @var object{question: string, picture: string} $row */
            foreach (DB::table('picture_caches')->get() as $row) {
                $this->kept[$row->question] = self::read($row->picture);
            }
        }

        return $this->kept[$key] ?? null;
    }

    /** @param array<string, mixed> $picture */
    private static function keep(string $key, array $picture): void
    {
        FullDisk::orLeave(static fn(): int => DB::table('picture_caches')->upsert([['question' => $key, 'picture' => json_encode($picture, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)]], ['question'], ['picture']));
    }

    /** @return array<string, mixed> */
    private static function read(string $picture): array
    {
        /** @var array<string, mixed> $read */
        $read = json_decode($picture, true, flags: JSON_THROW_ON_ERROR);

        return $read;
    }
}
