<?php

declare(strict_types=1);

namespace App\Schema;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/**
 * One of the two published JSON schemas: of what is sent over HTTP (docs/openapi.yaml) and of a document (docs/undro.schema.json).
 * What it does not name is not taken.
 */
final class Schema
{
    /** No text holds these, whatever its schema: they show nothing and break tables, calendars and files. */
    private const UNPRINTABLE = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    private static ?self $document = null;

    private ?Validator $validator = null;
    /** @var array<string, array<array-key, mixed>> */
    private array $wholes = [];

    /** @param array<array-key, mixed> $root */
    public function __construct(private readonly string $id, private readonly array $root) {}

    private function validator(): Validator
    {
        if ($this->validator === null) {
            $this->validator = new Validator();
            $this->validator->resolver()?->registerRaw(
                json_encode(['$id' => $this->id] + $this->root, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                $this->id,
            );
        }

        return $this->validator;
    }

    /** Of everything that goes out and in as one document. */
    public static function document(): self
    {
        if (self::$document === null) {
            $read = json_decode((string) file_get_contents(self::file()), true);
            self::$document = new self(
                'https://undro.invalid/undro.schema.json',
                array_diff_key(is_array($read) ? $read : [], ['$id' => true]),
            );
        }

        return self::$document;
    }

    public static function file(): string
    {
        return base_path('docs/undro.schema.json');
    }

    /** @param array<array-key, mixed> $data a decoded JSON object */
    public function misfit(array $data, string $pointer = '#'): ?Misfit
    {
        $unprintable = self::unprintable($data, '');
        if ($unprintable !== null) {
            return $unprintable;
        }
        $error = $this->validator()->validate($this->objects($data, $pointer), $this->id . $pointer)->error();
        if ($error === null) {
            return null;
        }
        while (($inner = $error->subErrors()[0] ?? null) instanceof ValidationError) {
            $error = $inner;
        }
        $path = implode('.', $error->data()->fullPath());
        $missing = $error->args()['missing'] ?? null;
        if ($error->keyword() === 'required' && is_array($missing)) {
            $first = array_values(array_filter($missing, is_string(...)));

            return new Misfit(ltrim($path . '.' . ($first[0] ?? ''), '.'), 'is missing');
        }

        return new Misfit($path, Misfit::why($error));
    }

    /**
     * What of it the schema names, at every depth; the rest is left out.
     *
     * @param array<array-key, mixed> $data
     *
     * @return array<array-key, mixed>
     */
    public function known(array $data, string $pointer = '#'): array
    {
        $known = $this->of($data, $this->node($pointer) ?? []);

        return is_array($known) ? $known : [];
    }

    /** @param array<array-key, mixed> $schema */
    private function of(mixed $data, array $schema): mixed
    {
        $schema = $this->whole($schema);
        if (!is_array($data)) {
            return $data;
        }
        $items = $schema['items'] ?? null;
        if (is_array($items)) {
            return array_map(fn(mixed $each): mixed => $this->of($each, $items), $data);
        }
        $properties = is_array($schema['properties'] ?? null) ? $schema['properties'] : [];
        $more = $schema['additionalProperties'] ?? ($properties === []);
        $known = [];
        foreach ($data as $key => $value) {
            $is = $properties[$key] ?? null;
            if (is_array($is)) {
                $known[$key] = $this->of($value, $is);
            } elseif ($more !== false) {
                $known[$key] = is_array($more) ? $this->of($value, $more) : $value;
            }
        }

        return $known;
    }

    /**
     * A schema with what it refers to and is put together from.
     *
     * @param array<array-key, mixed> $schema
     *
     * @return array<array-key, mixed>
     */
    private function whole(array $schema): array
    {
        if (is_string($schema['$ref'] ?? null)) {
            return $this->wholes[$schema['$ref']] ??= $this->whole($this->node($schema['$ref']) ?? []);
        }
        foreach (['allOf', 'oneOf'] as $several) {
            foreach (is_array($schema[$several] ?? null) ? $schema[$several] : [] as $part) {
                $part = is_array($part) ? $this->whole($part) : [];
                $own = is_array($schema['properties'] ?? null) ? $schema['properties'] : [];
                $schema += $part;
                if (is_array($part['properties'] ?? null)) {
                    $schema['properties'] = $own + $part['properties'];
                }
            }
        }

        return $schema;
    }

    /**
     * A schema with what it refers to put in place.
     *
     * @param array<array-key, mixed> $schema
     *
     * @return array<array-key, mixed>
     */
    public function inlined(array $schema): array
    {
        if (is_string($schema['$ref'] ?? null)) {
            return $this->inlined($this->node($schema['$ref']) ?? []);
        }

        return array_map(fn(mixed $part): mixed => is_array($part) ? $this->inlined($part) : $part, $schema);
    }

    /** @return array<array-key, mixed>|null */
    public function node(string $pointer): ?array
    {
        $node = $this->root;
        foreach (array_slice(explode('/', $pointer), 1) as $step) {
            $node = $node[strtr($step, ['~1' => '/', '~0' => '~'])] ?? null;
            if (!is_array($node)) {
                return null;
            }
        }

        return $node;
    }

    /**
     * As the validator wants it. An empty object and an empty list look alike once read: here the schema says which it was.
     *
     * @param string|array<array-key, mixed> $schema
     */
    private function objects(mixed $data, string|array $schema): mixed
    {
        if (!is_array($data)) {
            return $data;
        }
        $schema = $this->whole(is_string($schema) ? ['$ref' => $schema] : $schema);
        if ($data === []) {
            return in_array('object', (array) ($schema['type'] ?? []), true) ? (object) [] : [];
        }
        $of = static function (int|string $key) use ($schema): array {
            $properties = is_array($schema['properties'] ?? null) ? $schema['properties'] : [];
            foreach ([$properties[$key] ?? null, $schema['items'] ?? null, $schema['additionalProperties'] ?? null] as $found) {
                if (is_array($found)) {
                    return $found;
                }
            }

            return [];
        };
        $out = [];
        foreach ($data as $key => $value) {
            $out[$key] = $this->objects($value, $of($key));
        }

        return array_is_list($data) ? $out : (object) $out;
    }

    private static function unprintable(mixed $data, string $path): ?Misfit
    {
        if (is_string($data) && preg_match(self::UNPRINTABLE, $data, $found) === 1) {
            return new Misfit($path, sprintf('holds a character that cannot be seen (number %d)', ord($found[0])));
        }
        foreach (is_array($data) ? $data : [] as $key => $value) {
            $fault = self::unprintable((string) $key, $path) ?? self::unprintable($value, ltrim("$path.$key", '.'));
            if ($fault !== null) {
                return $fault;
            }
        }

        return null;
    }
}
