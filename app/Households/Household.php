<?php

declare(strict_types=1);

namespace App\Households;

use App\Clock;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Str;

/**
 * Who shares reels, lines and a log. All of theirs lies in one database of its own; here stands only that there is one.
 *
 * @property string $id
 * @property string $name
 * @property string $made_at
 */
final class Household extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $connection = 'people';
    protected $keyType = 'string';
    protected $guarded = [];

    /** A new one, whose folder is not made yet. */
    public static function named(string $name): self
    {
        return self::query()->create(['id' => strtolower(Str::random(16)), 'name' => $name, 'made_at' => Clock::now()]);
    }

    /** Tells a device of theirs which household it was, and nobody anything else. */
    public function mark(): string
    {
        return substr(hash('sha256', "household $this->id"), 0, 12);
    }

    /** Everything of theirs lies in here. */
    public function folder(): string
    {
        return config()->string('undro.households') . "/$this->id";
    }

    public function database(): string
    {
        return "{$this->folder()}/undro.sqlite";
    }

    /** Everything of theirs goes: who signs in, keys and links, and then the folder with the database and its copies. */
    public function giveUp(): void
    {
        // sessions, keys and links go with the people
        $this->delete();
        (new Filesystem())->deleteDirectory($this->folder());
    }
}
