<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use Tests\TestCase;

/** One spool with backing and main line on it, wound from a filler spool and a pack, for the tests of what happens to it afterwards. */
abstract class FilledSpoolTestCase extends TestCase
{
    protected int $nylon;
    protected int $braid;
    protected int $spool;
    protected int $filler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->nylon = $this->ask(
            'POST',
            '/api/lines',
            ['name' => 'Plain nylon', 'material' => 'mono', 'size' => '0.30 mm'],
            status: 201,
        )['id'];
        $this->braid = $this->ask(
            'POST',
            '/api/lines',
            ['name' => 'Bright braid', 'material' => 'braid', 'size' => '0.16 mm'],
            status: 201,
        )['id'];
        $reel = $this->ask('POST', '/api/reels', ['name' => 'Skerry', 'kind' => 'spinning', 'gear_ratio' => '5.2'], status: 201)['id'];
        $this->spool = $this->ask(
            'POST',
            '/api/spools',
            [
                'name' => 'deep',
                'reels' => [$reel],
                'lip' => 'bevelled',
                'stamp' => '0.25/240 0.30/170',
                'measured_with' => 'caliper',
                'measures' => [
                    'lip_diameter' => '46.2 mm',
                    'arbor_diameter' => '31 mm',
                    'traverse' => '19.5 mm',
                    'bevel_depth' => '1.6 mm',
                ],
            ],
            status: 201,
        )['id'];
        $this->filler = $this->ask(
            'POST',
            '/api/fillers',
            ['line' => $this->nylon, 'event' => (string) Str::uuid(), 'full_length' => '1000 m', 'left' => '0 m', 'price' => '12 €'],
            status: 201,
        )['id'];
        $this->wound('2026-03-01T10:00:00Z', 110, 150);
    }

    /** @param array<string, mixed> $said @return array<string, mixed> */
    protected function say(array $said): array
    {
        return $this->ask('POST', '/api/spools/{id}/entries', ['id' => (string) Str::uuid()] + $said, $this->spool, 201);
    }

    protected function wound(string $when, int $backing, int $main): void
    {
        $onto = ['kind' => 'spool', 'id' => $this->spool];
        $this->ask(
            'POST',
            '/api/events',
            [
                'id' => (string) Str::uuid(),
                'kind' => 'bought',
                'happened_at' => '2026-02-01T10:00:00Z',
                'counts' => [['at' => ['kind' => 'filler', 'id' => $this->filler], 'length_m' => 1000, 'line' => $this->nylon]],
            ],
            status: 201,
        );
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'wound', 'happened_at' => $when, 'moves' => [
            ['from' => ['kind' => 'filler', 'id' => $this->filler], 'to' => $onto, 'length_m' => $backing, 'line' => $this->nylon],
            ['from' => ['kind' => 'shop'], 'to' => $onto, 'length_m' => $main, 'line' => $this->braid],
        ]], status: 201);
    }

    /** @return array<string, mixed> */
    protected function care(?int $angler = null): array
    {
        return $this->ask('GET', '/api/spools/{id}/history', array_filter(['angler' => $angler]), $this->spool)['care'];
    }

    /** @param array<string, mixed> $care @return array<string, mixed> */
    protected function option(array $care, string $id): array
    {
        return array_column($care['options'], null, 'id')[$id];
    }
}
