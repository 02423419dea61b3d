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
    }
}
