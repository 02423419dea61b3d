<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpKernel\Exception\HttpException;

/** One of so many places for work of a kind, across all processes of a server. It is free again when it is given back, or its process ends. */
final class Place
{
    private const LOOK_AGAIN_US = 20_000;

    /** @param resource|null $file that is locked; null: none could be made, and it is done uncounted */
    private function __construct(private $file) {}

    /**
     * @param string        $kind of work, as part of a file's name
     * @param float         $wait s, how long a place is waited for
     * @param HttpException $full thrown where none is free until then
     */
    public static function take(string $kind, int $places, float $wait, HttpException $full): self
    {
        for ($until = microtime(true) + $wait;; usleep(self::LOOK_AGAIN_US)) {
            $place = self::free($kind, $places);
            if ($place !== null) {
                return $place;
            }
            microtime(true) < $until || throw $full;
        }
    }

    public function giveBack(): void
    {
        is_resource($this->file) && fclose($this->file);
        $this->file = null;
    }

    private static function free(string $kind, int $places): ?self
    {
        for ($number = 0; $number < $places; ++$number) {
            $file = @fopen(storage_path("framework/places/$kind-$number"), 'c');
            if ($file === false) {
                // on a disk without room for an empty file
                return new self(null);
            }
            if (flock($file, LOCK_EX | LOCK_NB)) {
                return new self($file);
            }
            fclose($file);
        }

        return null;
    }
}
