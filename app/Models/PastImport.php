<?php

declare(strict_types=1);

namespace App\Models;

use App\Clock;
use Illuminate\Database\Eloquent\Model;

/**
 * An import that was taken, with the document that takes it back.
 *
 * @property int         $id
 * @property string      $uuid
 * @property string      $happened_at ISO 8601, UTC
 * @property string      $words
 * @property string      $back        compressed
 * @property string|null $undone_at
 */
final class PastImport extends Model
{
    use OwnedByAccount;

    /** So many can be taken back. */
    private const KEPT = 10;

    public $timestamps = false;
    protected $guarded = [];

    /**
     * Keeps what takes an import back; the oldest are forgotten.
     *
     * @param array<string, mixed> $back the document
     */
    public static function keep(string $uuid, string $words, array $back): void
    {
        $text = json_encode($back, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        self::query()->create([
            'uuid' => $uuid,
            'happened_at' => Clock::now(),
            'words' => mb_substr($words, 0, 250),
            'back' => base64_encode((string) gzcompress($text)),
        ]);
        $old = self::query()->orderByDesc('id')->skip(self::KEPT)->take(PHP_INT_MAX)->pluck('id');
        self::query()->whereKey($old)->delete();
    }

    /** Whether it is this one's to take back: of two who ask at the same time one is told so. */
    public function claim(): bool
    {
        return self::query()->whereKey($this->id)->whereNull('undone_at')->update(['undone_at' => Clock::now()]) === 1;
    }

    /** It could not be taken back. */
    public function release(): void
    {
        $this->newQuery()->whereKey($this->id)->update(['undone_at' => null]);
    }

    /** The document that takes it back. */
    public function document(): string
    {
        return (string) gzuncompress((string) base64_decode($this->back, true));
    }
}
