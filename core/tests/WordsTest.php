<?php

declare(strict_types=1);

namespace Undro\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Words that an angler stumbled over are gone from all that the core and the screens say. */
final class WordsTest extends TestCase
{
    private const GONE = [
        'turn as one body', 'turns as one body', 'turning as one body', 'Surer', 'Drag back to its setting', 'Metres gone', 'Jigger', 'Place the filler\'',
        'which way round is taught', 'a few metres', 'Two metres in front', 'have the washers seen to', 'have them seen to', 'They bite, next', 'Begin anew', 'want service',
    ];

    /** @return iterable<string, array{string}> */
    public static function folders(): iterable
    {
        foreach (['core/src', 'app', 'resources/js', 'database/seeders'] as $folder) {
            yield $folder => [$folder];
        }
    }

    public function testNoErrorHasAMetricFigureWrittenIntoItsWords(): void
    {
        $written = [];
        foreach (glob(dirname(__DIR__) . '/src/*/Bad*.php') ?: [] as $file) {
            preg_match_all('/%[.0-9]*[FdS] (?:mm|m|kg|g|N|cm3)\b/', (string) file_get_contents($file), $found);
            $written = [...$written, ...array_map(static fn(string $figure): string => basename($file) . ": $figure", $found[0])];
        }
        self::assertSame([], $written, 'figures of an error belong into its Sentence, which a screen tells in the angler’s units');
    }

    public function testEachThingHasItsOneName(): void
    {
        $wrong = [];
        foreach (self::texts() as [$file, $text]) {
            foreach (self::list()['not'] as $not => $say) {
                if (preg_match("~$not~iu", $text) === 1) {
                    $wrong[] = "$file: “{$text}” ($not: $say)";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function testNoSentenceIsTooLongToBeReadAloudInOneBreath(): void
    {
        $long = [];
        foreach (self::texts() as [$file, $text]) {
            foreach (preg_split('/(?<=[.?!:])\s+/u', $text) ?: [] as $sentence) {
                if (count(preg_grep('/[a-z]/i', preg_split('/\s+/u', $sentence) ?: []) ?: []) > self::list()['most_words_in_a_sentence']) {
                    $long[] = "$file: “{$sentence}”";
                }
            }
        }
        self::assertSame([], $long);
    }

    /** @return array{most_words_in_a_sentence: int, not: array<string, string>} */
    private static function list(): array
    {
        static $list = null;
        $list ??= json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/lang/words.json'), true);

        return $list;
    }

    /** @return iterable<array{string, string}> every literal of the core and the application that a person may read, with its file */
    private static function texts(): iterable
    {
        foreach (['core/src', 'app'] as $folder) {
            $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2) . "/$folder", \FilesystemIterator::SKIP_DOTS));
            foreach ($files as $file) {
                if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                    foreach (self::literals((string) file_get_contents($file->getPathname())) as $text) {
                        yield [substr($file->getPathname(), strlen(dirname(__DIR__, 2)) + 1), $text];
                    }
                }
            }
        }
    }

    /** @return iterable<string> the literals of a file that are of several words, those put together with a dot as one */
    private static function literals(string $code): iterable
    {
        $text = '';
        $inside = false;
        foreach ([...token_get_all($code), ';'] as $token) {
            [$kind, $words] = is_array($token) ? [$token[0], $token[1]] : [null, $token];
            if ($words === '"') {
                $inside = !$inside;
            } elseif ($kind === T_CONSTANT_ENCAPSED_STRING) {
                $text .= substr($words, 1, -1);
            } elseif ($inside) {
                $text .= $kind === T_ENCAPSED_AND_WHITESPACE ? $words : '…';
            } elseif ($words !== '.' && $kind !== T_WHITESPACE) {
                if (preg_match('/[a-z] [a-z{%$]/i', $text) === 1 && preg_match('/^(select|insert|update|pragma|undro:)|=>|::|[<>|\\\\]/i', $text) !== 1) {
                    yield strtr($text, ["\\'" => "'"]);
                }
                $text = '';
            }
        }
    }

    #[DataProvider('folders')]
    public function testTheWordsThatMustBeGoneAreGone(string $folder): void
    {
        $files = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(dirname(__DIR__, 2) . "/$folder", \FilesystemIterator::SKIP_DOTS),
        );
        $count = 0;
        foreach ($files as $file) {
            if ($file instanceof \SplFileInfo && preg_match('/\.(php|tsx?|json)$/', $file->getFilename()) === 1) {
                ++$count;
                $text = (string) file_get_contents($file->getPathname());
                foreach (self::GONE as $words) {
                    self::assertStringNotContainsString($words, $text, $file->getPathname());
                }
            }
        }
        self::assertGreaterThan(0, $count);
    }
}
