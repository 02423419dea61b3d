<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Clock;
use App\Models\Account;
use App\Models\Angler;
use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Plan;
use App\Models\Reel;
use App\Models\Rod;
use App\Models\Run;
use App\Models\Spool;
use Illuminate\Support\Str;
use Undro\Ledger\EventKind;

/**
 * What an import has done so far, and the document that takes it back: what was changed as it was before, what is new put away, and
 * every new entry of the history voided. Read in like any other document, so nothing is ever deleted.
 */
final class WayBack
{
    /** @var array<string, array<array-key, array<string, mixed>|null>> as it was before, by kind and key; null: it was not there */
    private array $before = [];
    /** @var list<string> */
    private array $events = [];

    /** @param array<string, mixed>|null $before */
    public function changed(string $kind, string $key, ?array $before): void
    {
        $this->before[$kind] ??= [];
        array_key_exists($key, $this->before[$kind]) || $this->before[$kind][$key] = $before;
    }

    public function recorded(string $event): void
    {
        $this->events[] = $event;
    }

    /**
     * Does something of which, where it fails, nothing is to be taken back.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function during(\Closure $work): mixed
    {
        [$before, $events] = [$this->before, $this->events];
        try {
            return $work();
        } catch (\Throwable $fault) {
            [$this->before, $this->events] = [$before, $events];
            throw $fault;
        }
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $back = ['undro' => Document::VERSION];
        foreach (Document::KINDS as $kind) {
            $back[$kind] = [];
            foreach ($this->before[$kind] ?? [] as $key => $before) {
                $back[$kind][] = $before === null ? $this->putAway($kind, (string) $key) : self::withoutNewPacks($kind, (string) $key, $before);
            }
        }
        $now = Clock::now();
        $back['history'] = array_map(static fn(string $id): array => ['id' => (string) Str::uuid(), 'kind' => EventKind::Voided->value, 'happened_at' => $now, 'corrects' => $id], $this->events);

        return $back;
    }

    /** @return array<string, mixed> */
    private function putAway(string $kind, string $key): array
    {
        if ($kind === 'runs') {
            $run = Run::query()->where('uuid', $key)->firstOrFail();

            return ['ended_at' => $run->ended_at ?? Clock::now()] + Document::run($run);
        }
        $of = fn(string $model): mixed => $model::query()->where('account_id', Account::current()->id)->where('key', $key)->firstOrFail();

        return ['archived' => true] + match ($kind) {
            'anglers' => Document::angler($of(Angler::class)),
            'lines' => Document::line($of(LineProduct::class)),
            'reels' => Document::reel($of(Reel::class)),
            'spools' => Document::spool($of(Spool::class)),
            'rods' => Document::rod($of(Rod::class)),
            'fillers' => Document::filler($of(Filler::class)),
            default => Document::plan($of(Plan::class)),
        };
    }

    /**
     * A pack that came with the import is taken off the list again.
     *
     * @param array<string, mixed> $before
     *
     * @return array<string, mixed>
     */
    private static function withoutNewPacks(string $kind, string $key, array $before): array
    {
        if ($kind !== 'lines' || !is_array($before['packs'])) {
            return $before;
        }
        $known = array_column($before['packs'], 'length');
        $now = Document::line(LineProduct::query()->where('key', $key)->firstOrFail())['packs'];
        $new = array_filter(is_array($now) ? $now : [], static fn(mixed $pack): bool => is_array($pack) && !in_array($pack['length'], $known, true));

        return ['packs' => [...$before['packs'], ...array_map(static fn(array $pack): array => ['archived' => true] + $pack, array_values($new))]] + $before;
    }
}
