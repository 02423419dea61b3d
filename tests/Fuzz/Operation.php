<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Symfony\Component\Yaml\Yaml;

/** An operation of the published contract that takes a body, with every field it names. */
final readonly class Operation
{
    private const SIGNED_IN = '/api/account';

    /** @param array<array-key, mixed> $schema of the body */
    private function __construct(public string $verb, public string $path, private array $schema) {}

    /** @return array<string, self> by verb and path, but those that are there only where people sign in */
    public static function all(): array
    {
        return array_filter(self::every(), static fn(self $each): bool => !str_starts_with($each->path, self::SIGNED_IN));
    }

    /** @return array<string, self> */
    public static function every(): array
    {
        $operations = [];
        foreach (self::contract()['paths'] as $path => $verbs) {
            foreach ($verbs as $verb => $is) {
                if (isset($is['requestBody'])) {
                    $operations[strtoupper($verb) . " $path"] = new self(
                        strtoupper($verb),
                        $path,
                        $is['requestBody']['content']['application/json']['schema'],
                    );
                }
            }
        }

        return $operations;
    }

    /** @return list<array{string, list<string>}> paths of GET and the names of what their query takes */
    public static function questions(): array
    {
        $questions = [];
        foreach (self::contract()['paths'] as $path => $verbs) {
            $parameters = array_filter(
                [...($verbs['parameters'] ?? []), ...($verbs['get']['parameters'] ?? [])],
                static fn(array $parameter): bool => ($parameter['in'] ?? '') === 'query',
            );
            if (isset($verbs['get']) && !str_starts_with($path, self::SIGNED_IN)) {
                $questions[] = [$path, array_column($parameters, 'name')];
            }
        }

        return $questions;
    }

    /** @return list<list<string|int>> where each field is, at every depth */
    public function fields(): array
    {
        return self::fieldsOf($this->schema, []);
    }

    /**
     * @param array<array-key, mixed> $schema
     * @param list<string|int>        $at
     *
     * @return list<list<string|int>>
     */
    private static function fieldsOf(array $schema, array $at): array
    {
        if (isset($schema['$ref'])) {
            return self::fieldsOf(self::contract()['components']['schemas'][basename($schema['$ref'])], $at);
        }
        $fields = [];
        foreach ([...$schema['allOf'] ?? [], ...$schema['oneOf'] ?? []] as $part) {
            array_push($fields, ...self::fieldsOf($part, $at));
        }
        foreach ($schema['properties'] ?? [] as $name => $is) {
            $fields[] = [...$at, (string) $name];
            array_push($fields, ...self::fieldsOf($is, [...$at, (string) $name]));
        }
        if (isset($schema['items'])) {
            $fields[] = [...$at, 0];
            array_push($fields, ...self::fieldsOf($schema['items'], [...$at, 0]));
        }
        if (is_array($schema['additionalProperties'] ?? null)) {
            $fields[] = [...$at, 'anything'];
            array_push($fields, ...self::fieldsOf($schema['additionalProperties'], [...$at, 'anything']));
        }

        return $fields;
    }

    /** @return array<string, mixed> */
    private static function contract(): array
    {
        static $contract = null;

        return $contract ??= Yaml::parseFile(dirname(__DIR__, 2) . '/docs/openapi.yaml');
    }
}
