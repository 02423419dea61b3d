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
