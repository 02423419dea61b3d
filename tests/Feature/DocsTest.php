<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;

/** What the documents show runs as it stands, and can be read where they are read. */
final class DocsTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';

    public function testEveryCaseThatIsShownIsAnswered(): void
    {
        $text = (string) file_get_contents(self::ROOT . '/docs/http.md');
        preg_match_all("~compute/(\w+) [^\n]*-d '(\{.*?\})'$~ms", $text, $posted, PREG_SET_ORDER);
        preg_match_all("~echo '(?<case>\{.*?\})' \| ./undro compute (?<name>\w+)~s", $text, $piped, PREG_SET_ORDER);
        $shown = [
            ...array_map(static fn(array $found): array => [$found[1], $found[2]], $posted),
            ...array_map(static fn(array $found): array => [$found['name'], $found['case']], $piped),
        ];
        self::assertGreaterThanOrEqual(2, count($shown));
        foreach ($shown as [$name, $case]) {
            $asked = json_decode($case, true, flags: JSON_THROW_ON_ERROR);
            self::assertIsArray($asked);
            self::assertNotEmpty(Compute::run($name, $asked));
        }
    }

    public function testDocumentsFitTheScreenAndNameOnlyWhatIsThere(): void
    {
        $documents = [self::ROOT . '/README.md', ...(glob(self::ROOT . '/docs/*.md') ?: [])];
        foreach ($documents as $document) {
            $text = (string) file_get_contents($document);
            foreach (explode("\n", $text) as $number => $line) {
                self::assertTrue(
                    str_starts_with($line, '|') || mb_strlen($line) <= 120,
                    basename($document) . ':' . ($number + 1) . ' is wider than 120',
                );
            }
            preg_match_all('~\]\((?!https?:)([^)#]+)~', $text, $links);
            foreach ($links[1] as $link) {
                self::assertFileExists(dirname($document) . "/$link");
            }
        }
        self::assertLessThanOrEqual(60, count(file(self::ROOT . '/README.md') ?: []), 'the front door is a screen and a half');
    }
}
