<?php

declare(strict_types=1);

namespace Tests\Hard;

/** Asks a server and keeps its cookies. */
class Browser
{
    /** @var array<string, string> */
    public array $cookies = [];
    /** @var list<string> of the last answer */
    public array $headers = [];
    /** the last answer as it came */
    public string $text = '';
    /** so long an answer is waited for, s */
    public int $patience = 20;

    /**
     * @param string       $base      scheme, host and port
     * @param string|null  $authority the certificate authority's file that a server over https is held against
     * @param list<string> $carries   headers sent with every request
     */
    public function __construct(private readonly string $base, private readonly ?string $authority = null, private readonly array $carries = []) {}

    /** @return array{int, array<array-key, mixed>} status, 0 where nobody answered, and answer */
    public function get(string $page, ?string $path = null): array
    {
        return $this->ask('GET', $path ?? "/api/$page", null);
    }

    /**
     * @param array<string, mixed> $body
     * @param list<string>         $headers
     *
     * @return array{int, array<array-key, mixed>}
     */
    public function post(string $page, array $body, array $headers = []): array
    {
        return $this->ask('POST', "/api/$page", json_encode((object) $body, JSON_THROW_ON_ERROR), $headers);
    }

    /** @param list<string> $headers @return array{int, array<array-key, mixed>} */
    public function ask(string $verb, string $path, ?string $body, array $headers = []): array
    {
        $token = current(
            array_filter($this->cookies, static fn(string $name): bool => str_starts_with($name, 'XSRF'), ARRAY_FILTER_USE_KEY),
        );
        $cookies = implode(
            '; ',
            array_map(static fn(string $name, string $value): string => "$name=$value", array_keys($this->cookies), $this->cookies),
        );
        $context = stream_context_create(
            [
                'ssl' => $this->authority === null ? [] : ['cafile' => $this->authority],
                'http' => [
                    'method' => $verb,
                    'content' => $body ?? '',
                    'timeout' => $this->patience,
                    'ignore_errors' => true,
                    'follow_location' => 0,
                    'header' => [
                        "Cookie: $cookies",
                        'X-XSRF-TOKEN: ' . urldecode((string) $token),
                        ...$this->carries,
                        ...$headers,
                        ...str_contains(implode(' ', $headers), 'Content-Type:') ? [] : ['Content-Type: application/json'],
                        'Accept: application/json',
                    ],
                ],
            ],
        );
        $http_response_header = [];
        $answer = @file_get_contents($this->base . $path, false, $context);
        foreach ($http_response_header as $header) {
            if (preg_match('/^Set-Cookie: ([^=]+)=([^;]+)/i', $header, $found) === 1) {
                $this->cookies[$found[1]] = $found[2];
            }
        }

        $this->headers = $http_response_header;
        $this->text = (string) $answer;

        return [
            preg_match('/ (\d{3})/', $http_response_header[0] ?? '', $found) === 1 ? (int) $found[1] : 0,
            (array) json_decode((string) $answer, true),
        ];
    }
}
