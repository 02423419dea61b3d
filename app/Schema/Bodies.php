<?php

declare(strict_types=1);

namespace App\Schema;

use Symfony\Component\Yaml\Yaml;

/** The bodies that the contract (docs/openapi.yaml) gives its operations, each a schema of its own. */
final class Bodies
{
    /** @var array<string, Schema> by verb and path */
    private static array $bodies = [];

    /** Of the body of an operation of the HTTP interface; null: the contract has no such operation with a body. */
    public static function of(string $verb, string $path): ?Schema
    {
        $operation = self::operation($verb, $path);
        if (!isset(self::$bodies[$operation])) {
            $fresh = @filemtime(self::kept()) >= filemtime(self::contract());
            $bodies = $fresh ? require self::kept() : null;
            $body = is_array($bodies) ? $bodies[$operation] ?? null : self::keep()[$operation] ?? null;
            if (!is_array($body)) {
                return null;
            }
            self::$bodies[$operation] = new Schema('https://undro.invalid/body.json', $body);
        }

        return self::$bodies[$operation];
    }

    /** Whatever the parts of the path are called. */
    private static function operation(string $verb, string $path): string
    {
        return strtoupper($verb) . ' ' . preg_replace('/\{[^}]*\}/', '{}', $path);
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
            ? new Schema('https://undro.invalid/openapi.json', array_intersect_key($read, ['paths' => true, 'components' => true]))
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

    private static function contract(): string
    {
        return base_path('docs/openapi.yaml');
    }

    private static function kept(): string
    {
        return storage_path('framework/bodies.php');
    }
}
