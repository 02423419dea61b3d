<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * Where the process that owns the sockets writes what it hears, and finds what it is to say: files in the data folder, since a
 * web request lives too short to hold a socket.
 */
final readonly class DeviceBoard
{
    /** Not heard for this long: lost, s. The process itself writes ten times a second. */
    private const STALE = 1.2;

    private string $folder;

    public function __construct()
    {
        $this->folder = storage_path('devices');
    }

    /** What was heard last; null: the device is gone. */
    public function write(string $device, ?Reading $reading): void
    {
        $before = $this->last($device);
        $this->put("$device.json", json_encode([
            'state' => $reading === null ? 'lost' : 'here',
            'figures' => $reading->figures ?? $before['figures'] ?? [],
            'stand_in' => $reading->standIn ?? $before['stand_in'] ?? false,
            'session' => $reading->session ?? $before['session'] ?? '',
            'at' => microtime(true),
        ], JSON_THROW_ON_ERROR));
    }

    /** Nothing was looked for any more. */
    public function clear(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
    }

    /**
     * A device as it was heard last.
     *
     * @param list<string> $figures that it has; null where none was heard
     *
     * @return array<string, mixed> state, stand_in, heard_at, session and the figures
     */
    public function read(string $device, array $figures): array
    {
        $last = $this->last($device);
        if ($last === null) {
            return array_fill_keys($figures, null) + ['state' => 'none', 'stand_in' => false, 'heard_at' => null, 'session' => ''];
        }
        $at = \DateTimeImmutable::createFromFormat('U.u', sprintf('%.6F', $last['at']), new \DateTimeZone('UTC'));

        return array_intersect_key($last['figures'] + array_fill_keys($figures, null), array_flip($figures)) + [
            'state' => microtime(true) - $last['at'] > self::STALE ? 'lost' : $last['state'],
            'stand_in' => $last['stand_in'],
            'heard_at' => $at === false ? null : $at->format('Y-m-d\TH:i:s.v\Z'),
            'session' => $last['session'],
        ];
    }

    public function say(string $device, string $command): void
    {
        $this->put("say-$device-" . str_replace('.', '', sprintf('%.6F', microtime(true))), $command);
    }

    /** @return list<string> what was said since, oldest first */
    public function toSay(string $device): array
    {
        $said = [];
        foreach (glob("$this->folder/say-$device-*") ?: [] as $file) {
            $said[] = trim((string) file_get_contents($file));
            unlink($file);
        }

        return $said;
    }

    /** Whole or not at all: nobody reads half a file. */
    private function put(string $name, string $text): void
    {
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);
        $next = "$this->folder/next-" . getmypid();
        file_put_contents($next, $text);
        rename($next, "$this->folder/$name");
    }

    /** @return array{state: string, figures: array<string, mixed>, stand_in: bool, session: string, at: float}|null */
    private function last(string $device): ?array
    {
        $kept = @file_get_contents("$this->folder/$device.json");
        $read = is_string($kept) ? json_decode($kept, true) : null;
        if (!is_array($read)) {
            return null;
        }
        $figures = [];
        foreach (is_array($read['figures'] ?? null) ? $read['figures'] : [] as $name => $figure) {
            $figures[(string) $name] = $figure;
        }

        return [
            'state' => $read['state'] === 'here' ? 'here' : 'lost',
            'figures' => $figures,
            'stand_in' => ($read['stand_in'] ?? false) === true,
            'session' => is_string($read['session'] ?? null) ? $read['session'] : '',
            'at' => is_numeric($read['at'] ?? null) ? (float) $read['at'] : 0.0,
        ];
    }
}
