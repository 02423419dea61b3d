<?php

declare(strict_types=1);

namespace App\Exchange;

use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

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
        foreach (['anglers', 'lines', 'reels', 'spools', 'rods', 'fillers', 'plans'] as $kind) {
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
        $now = Carbon::now('UTC')->format('Y-m-d\TH:i:s.v\Z');
        $back['history'] = [];
        foreach (array_diff_key(self::by('id', $after['history'] ?? []), self::by('id', $before['history'] ?? [])) as $id => $event) {
            $back['history'][] = ['id' => (string) Str::uuid(), 'kind' => 'voided', 'happened_at' => $now, 'recorded_at' => $now, 'corrects' => (string) $id, 'moves' => [], 'counts' => []];
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
