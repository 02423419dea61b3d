<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Clock;
use Illuminate\Support\Str;
use Undro\Ledger\EventKind;

/**
 * The document that takes an import back: what was changed as it was before, what is new put away, and every new entry of
 * the history voided. Read in like any other document, so nothing is ever deleted.
 */
final class WayBack
{
    /**
     * @param array<string, mixed> $before as `Document::of` gives it
     * @param array<string, mixed> $after
     *
     * @return array<string, mixed>
     */
    public static function between(array $before, array $after): array
    {
        $back = ['undro' => Document::VERSION];
        foreach (Document::KINDS as $kind) {
            $was = self::by('key', $before[$kind] ?? []);
            $back[$kind] = [];
            foreach (self::by('key', $after[$kind] ?? []) as $key => $row) {
                if (!isset($was[$key])) {
                    $back[$kind][] = ['archived' => true] + $row;
                } elseif (json_encode($was[$key]) !== json_encode($row)) {
                    $back[$kind][] = $was[$key];
                }
            }
        }
        $now = Clock::now();
        $back['history'] = [];
        foreach (array_keys(array_diff_key(self::by('id', $after['history'] ?? []), self::by('id', $before['history'] ?? []))) as $id) {
            $back['history'][] = ['id' => (string) Str::uuid(), 'kind' => EventKind::Voided->value, 'happened_at' => $now, 'corrects' => (string) $id];
        }

        return $back;
    }

    /** @return array<array-key, array<array-key, mixed>> */
    private static function by(string $field, mixed $rows): array
    {
        $found = [];
        foreach (is_array($rows) ? $rows : [] as $row) {
            if (is_array($row) && is_string($row[$field] ?? null)) {
                $found[$row[$field]] = $row;
            }
        }

        return $found;
    }
}
