<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Yaml\Yaml;

/** Feature tests run on an empty database in memory and hold every answer against docs/openapi.yaml. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    private const CONTRACT = 'https://undro.invalid/openapi.json';

    /** @var array<string, mixed>|null */
    private static ?array $contract = null;
    private static ?Validator $validator = null;

    /**
     * Calls an operation of the contract and checks status and shape of the answer.
     *
     * @param string               $path as in the contract, e.g. "/api/reels/{id}"
     * @param array<string, mixed> $body
     *
     * @return array<array-key, mixed> the answer
     */
    protected function ask(string $verb, string $path, array $body = [], int|string $id = '', int $status = 200): array
    {
        // each request is a process of its own, as on the real server
        $this->app?->forgetScopedInstances();
        $asked = str_replace(['{id}', '{name}', '{uuid}', '{device}'], (string) $id, $path);
        $response = $this->json(
            $verb,
            $verb === 'GET' && $body !== [] ? $asked . '?' . http_build_query($body) : $asked,
            $verb === 'GET' ? [] : $body,
        );
        $response->assertStatus($status);
        $this->assertAnswers($response, strtolower($verb), $path, $status);
        $answer = $response->json();
        self::assertIsArray($answer);

        return $answer;
    }

    /** @param TestResponse<Response> $response */
    protected function assertAnswers(TestResponse $response, string $verb, string $path, int $status): void
    {
        self::$contract ??= Yaml::parseFile(base_path('docs/openapi.yaml'));
        $answer = self::$contract['paths'][$path][$verb]['responses'][$status] ?? null;
        self::assertIsArray($answer, "$verb $path may not answer $status by the contract");
        if (isset($answer['$ref'])) {
            $answer = self::$contract['components']['responses'][basename($answer['$ref'])];
        }
        $type = array_key_first($answer['content']);
        self::assertStringStartsWith((string) $type, (string) $response->headers->get('Content-Type'));
        if (self::$validator === null) {
            self::$validator = new Validator();
            self::$validator->resolver()?->registerRaw(
                json_encode(['$id' => self::CONTRACT] + self::$contract, JSON_THROW_ON_ERROR),
                self::CONTRACT,
            );
        }
        $schema = str_replace(
            '"#/',
            '"' . self::CONTRACT . '#/',
            json_encode($answer['content'][$type]['schema'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES),
        );
        $result = self::$validator->validate(json_decode((string) $response->getContent()), $schema);
        $error = $result->error();
        self::assertTrue(
            $result->isValid(),
            $error === null ? '' : json_encode((new ErrorFormatter())->format($error), JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR),
        );
        $more = self::undeclared([$answer['content'][$type]['schema']], json_decode((string) $response->getContent(), true), '');
        self::assertSame([], array_values(array_unique($more)), "$verb $path answers with fields that the contract does not declare");
    }

    /**
     * @param list<array<string, mixed>> $schemas that describe the value together
     *
     * @return list<string> where a value has fields that none of them declares
     */
    private static function undeclared(array $schemas, mixed $value, string $at): array
    {
        if (!is_array($value)) {
            return [];
        }
        $schemas = self::parts($schemas);
        if (array_is_list($value)) {
            $items = array_values(array_filter(array_column($schemas, 'items')));

            return array_merge([], ...array_map(static fn(mixed $each): array => self::undeclared($items, $each, "$at.*"), $value));
        }
        $others = array_column($schemas, 'additionalProperties');
        $named = array_column($schemas, 'properties');
        $found = [];
        foreach ($value as $key => $each) {
            $there = array_column($named, $key) ?: array_values(array_filter($others, is_array(...)));
            $found[] = $there === [] && $named !== [] && !in_array(true, $others, true) ? ["$at.$key"] : self::undeclared($there, $each, "$at.$key");
        }

        return array_merge([], ...$found);
    }

    /**
     * @param list<array<string, mixed>> $schemas
     *
     * @return list<array<string, mixed>> the same with whatever they refer to and are made of
     */
    private static function parts(array $schemas): array
    {
        $parts = [];
        foreach ($schemas as $schema) {
            $parts[] = [$schema];
            if (isset($schema['$ref'])) {
                $parts[] = self::parts([self::$contract['components']['schemas'][basename($schema['$ref'])]]);
            }
            foreach (['allOf', 'oneOf', 'anyOf'] as $of) {
                $parts[] = self::parts($schema[$of] ?? []);
            }
        }

        return array_merge(...$parts);
    }
}
