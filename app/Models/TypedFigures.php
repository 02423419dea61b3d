<?php

declare(strict_types=1);

namespace App\Models;

use Undro\Input\Input;

/** Figures of a record as typed; what is not there is not touched, what is empty is taken back. */
final readonly class TypedFigures
{
    public Input $in;

    /** @param array<array-key, mixed> $fields */
    public function __construct(private array $fields)
    {
        $this->in = Input::of($fields);
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->fields);
    }

    public function text(string $key): string
    {
        $value = $this->fields[$key] ?? '';

        return is_scalar($value) ? trim((string) $value) : '';
    }

    /**
     * The words among these fields that are there, for filling a record.
     *
     * @param list<string> $keys
     *
     * @return array<string, string>
     */
    public function words(array $keys): array
    {
        $words = [];
        foreach ($keys as $key) {
            if (is_string($this->fields[$key] ?? null)) {
                $words[$key] = trim($this->fields[$key]);
            }
        }

        return $words;
    }

    /**
     * A field of texts by name; what is no text is left out.
     *
     * @return array<string, string>
     */
    public function texts(string $key): array
    {
        $texts = [];
        foreach (is_array($this->fields[$key] ?? null) ? $this->fields[$key] : [] as $name => $text) {
            if (is_string($text)) {
                $texts[(string) $name] = $text;
            }
        }

        return $texts;
    }

    /** True, false, or null where it is not said. */
    public function flag(string $key): ?bool
    {
        $value = $this->fields[$key] ?? null;

        return is_bool($value) ? $value : null;
    }
}
