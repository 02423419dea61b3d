<?php

declare(strict_types=1);

namespace App\Schema;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

/**
 * One of the two published JSON schemas: of what is sent over HTTP (docs/openapi.yaml) and of a document (docs/undro.schema.json).
 * What it does not name is not taken.
 */
final class Schema
{
    private const TYPES = [
        'string' => 'text',
        'boolean' => 'true or false',
        'array' => 'a list',
        'object' => 'an object',
        'integer' => 'a whole number',
        'number' => 'a number',
        'null' => 'empty',
    ];
    /** No text holds these, whatever its schema: they show nothing and break tables, calendars and files. */
    private const UNPRINTABLE = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    /** @var array<string, self> by verb and path */
    private static array $bodies = [];
    private static ?self $document = null;

    private ?Validator $validator = null;
    /** @var array<string, array<array-key, mixed>> */
    private array $wholes = [];

    /** @param array<array-key, mixed> $root */
    private function __construct(private readonly string $id, private readonly array $root) {}

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

    /** Of the body of an operation of the HTTP interface; null: the contract has no such operation with a body. */
    public static function body(string $verb, string $path): ?self
    {
        $operation = self::operation($verb, $path);
        if (!isset(self::$bodies[$operation])) {
            $fresh = @filemtime(self::kept()) >= filemtime(self::contract());
            $bodies = $fresh ? require self::kept() : null;
            $body = is_array($bodies) ? $bodies[$operation] ?? null : self::keep()[$operation] ?? null;
            if (!is_array($body)) {
                return null;
            }
            self::$bodies[$operation] = new self('https://undro.invalid/body.json', $body);
        }

        return self::$bodies[$operation];
    }

    /** Whatever the parts of the path are called. */
    private static function operation(string $verb, string $path): string
    {
        return strtoupper($verb) . ' ' . preg_replace('/\{[^}]*\}/', '{}', $path);
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

    /**
     * Takes the bodies out of the contract, each with all that it refers to, once for all requests that follow: YAML takes a tenth of a
     * second each time, and one body is a small part of it.
     *
     * @return array<string, array<array-key, mixed>> by verb and path
     */
    public static function keep(): array
    {
        $read = Yaml::parseFile(self::contract());
        $contract = is_array($read)
            ? new self('https://undro.invalid/openapi.json', array_intersect_key($read, ['paths' => true, 'components' => true]))
            : null;
        $bodies = [];
        foreach (is_array($read) && is_array($read['paths'] ?? null) ? $read['paths'] : [] as $path => $verbs) {
            foreach (is_array($verbs) ? array_keys($verbs) : [] as $verb) {
                $body = $contract?->node(
                    sprintf(
                        '#/paths/%s/%s/requestBody/content/application~1json/schema',
                        strtr((string) $path, ['~' => '~0', '/' => '~1']),
                        $verb,
                    ),
                );
                if ($body !== null) {
                    $bodies[self::operation((string) $verb, (string) $path)] = $contract->inlined($body);
                }
            }
        }
        $part = self::kept() . '.' . getmypid();
        if (@file_put_contents($part, '<?php return ' . var_export($bodies, true) . ";\n") !== false) {
            rename($part, self::kept());
        }

        return $bodies;
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

            return new Misfit(ltrim($path . '.' . ($first[0] ?? ''), '.'), 'is needed');
        }

        return new Misfit($path, self::why($error));
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
    private function inlined(array $schema): array
    {
        if (is_string($schema['$ref'] ?? null)) {
            return $this->inlined($this->node($schema['$ref']) ?? []);
        }

        return array_map(fn(mixed $part): mixed => is_array($part) ? $this->inlined($part) : $part, $schema);
    }

    /** @return array<array-key, mixed>|null */
    private function node(string $pointer): ?array
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

    private static function why(ValidationError $error): string
    {
        $schema = $error->schema()->info()->data();
        $args = $error->args();
        $figure = static fn(string $name): string => is_scalar($args[$name] ?? null) ? (string) $args[$name] : '';

        return match ($error->keyword()) {
            'enum' => 'must be one of ' . implode(
                ', ',
                array_filter(is_object($schema) && isset($schema->enum) && is_array($schema->enum) ? $schema->enum : [], is_string(...)),
            ),
            'minLength', 'minItems' => 'is needed',
            'maxLength' => "may have at most {$figure('max')} characters, not {$figure('length')}",
            'maxItems', 'maxProperties' => "may have at most {$figure('max')} entries, not {$figure('count')}",
            'minimum' => "must be {$figure('min')} or more",
            'maximum' => "must be {$figure('max')} or less",
            'format' => $figure('format') === 'uuid' ? 'is no id (a UUID)' : "is not {$figure('format')}",
            'pattern' => $figure('pattern') === '\S' ? 'is needed' : 'is no id (a UUID)',
            'type' => self::type($error),
            default => lcfirst((new ErrorFormatter())->formatErrorMessage($error)),
        };
    }

    private static function type(ValidationError $error): string
    {
        $expected = array_filter((array) ($error->args()['expected'] ?? []), is_string(...));
        $typed = $error->data()->value();
        $said = match (true) {
            is_string($typed) => '“' . mb_substr($typed, 0, 40) . '”',
            is_int($typed), is_float($typed) => (string) $typed,
            is_bool($typed) => $typed ? 'true' : 'false',
            $typed === null => 'nothing',
            default => is_array($typed) ? 'a list' : 'an object',
        };
        if ($expected === ['boolean'] && is_string($typed)) {
            return "must be yes or no, not $said";
        }

        return sprintf(
            'must be %s, not %s',
            implode(
                ' or ',
                array_map(
                    static fn(string $type): string => self::TYPES[$type] ?? $type,
                    array_values(array_diff($expected, ['null'])) ?: $expected,
                ),
            ),
            $said,
        );
    }

    private static function contract(): string
    {
        return base_path('docs/openapi.yaml');
    }

    private static function kept(): string
    {
        return storage_path('framework/bodies.php');
    }
}
