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

    public function testDocumentsNameOnlyWhatIsThere(): void
    {
        $documents = [self::ROOT . '/README.md', ...(glob(self::ROOT . '/docs/*.md') ?: [])];
        foreach ($documents as $document) {
            $text = (string) file_get_contents($document);
            preg_match_all('~\]\((?!https?:)([^)#]+)~', $text, $links);
            foreach ($links[1] as $link) {
                self::assertFileExists(dirname($document) . "/$link");
            }
        }
    }

    public function testEachPromiseNamesATestThatIsThere(): void
    {
        preg_match_all('~^\|(?!---)(?<row>.*\|.*)\|$~m', (string) file_get_contents(self::ROOT . '/docs/reliability.md'), $tables);
        $promises = array_filter($tables['row'], static fn(string $row): bool => !str_contains($row, '| held by'));
        self::assertGreaterThan(20, count($promises));
        foreach ($promises as $promise) {
            preg_match_all('~`(\w+Test)(?:::(\w+))?`|`([\w/.]+\.(?:spec|test)\.tsx?)`~', (string) strrchr($promise, '|'), $named, PREG_SET_ORDER);
            self::assertNotSame([], $named, "no test is named that holds:$promise");
            foreach ($named as $found) {
                [, $class, $method, $script] = $found + ['', '', '', ''];
                if ($script !== '') {
                    self::assertFileExists(self::ROOT . "/$script");
                    continue;
                }
                // two tests may have one name, in different folders
                $files = [...(glob(self::ROOT . "/tests/*/$class.php") ?: []), ...(glob(self::ROOT . "/core/tests/*/$class.php") ?: [])];
                self::assertNotSame([], $files, "$class, which is to hold a promise");
                $method === '' || self::assertStringContainsString("function $method(", implode('', array_map(file_get_contents(...), $files)), $class);
            }
        }
    }

    /** What is to be typed stands as it is typed: a shell reads it, and the command knows every option. */
    public function testWhatIsToBeTypedCanBeTyped(): void
    {
        $blocks = 0;
        foreach ([self::ROOT . '/README.md', ...(glob(self::ROOT . '/docs/*.md') ?: [])] as $document) {
            $text = (string) file_get_contents($document);
            preg_match_all('~(?<=\n\n) {4}\S.*\n(?: {4}.*\n)*|(?<=```sh\n)(?s:.*?)(?=```)~', $text, $found);
            foreach ($found[0] as $block) {
                $typed = (string) preg_replace('~^ {4}~m', '', $block);
                $shell = proc_open(['bash', '-n'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
                self::assertIsResource($shell);
                fwrite($pipes[0], $typed);
                fclose($pipes[0]);
                $wrong = stream_get_contents($pipes[2]);
                self::assertSame(0, proc_close($shell), basename($document) . ": $wrong\n$typed");
                $blocks++;
            }
        }
        self::assertGreaterThan(5, $blocks);
        $serving = (string) file_get_contents(self::ROOT . '/docs/serving.md');
        preg_match('~^    (apt-get .*\n(?: {4}.*\n)*)~m', $serving, $fromNothing);
        $commands = substr_count(str_replace("\\\n", '', $fromNothing[1] ?? ''), "\n");
        self::assertGreaterThan(5, $commands);
        self::assertLessThanOrEqual(12, $commands, 'a machine of one\'s own by a dozen commands');
        $engine = (string) file_get_contents(self::ROOT . '/bin/engine.sh');
        preg_match_all('~undro (?:serve|account) [^\n`]*~', $serving, $commands);
        preg_match_all('~--[a-z-]+~', implode(' ', $commands[0]), $options);
        self::assertNotEmpty($options[0]);
        foreach ($options[0] as $option) {
            self::assertMatchesRegularExpression('~[ |]' . preg_quote($option, '~') . '[) |]~', $engine, "no $option");
        }
    }
}
