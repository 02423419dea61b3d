<?php

declare(strict_types=1);

namespace Undro\Tests\Advice;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;

/**
 * What Undro advises, in its own words, for cases across reels, lines and waters. tests/advice/ holds it as an angler has read and accepted
 * it, so that whoever changes a rule sees what changes in the advice. After reading it, accept a page by its name:
 *
 *     UNDRO_ACCEPT=which-line vendor/bin/phpunit core/tests/Advice/AdviceTest.php
 */
final class AdviceTest extends TestCase
{
    private const FOLDER = __DIR__ . '/../../../tests/advice';
    private const POUND_N = 4.4482216152605;

    /** @return iterable<string, array{string, string}> its name, and all of it */
    public static function pages(): iterable
    {
        foreach ([
            'which-line' => ['Which line', self::whichLine(...), AdviceCases::lines()],
            'upkeep' => ['What the line on a spool needs', self::upkeep(...), AdviceCases::lives()],
            'trouble' => ['Troubleshooting', self::trouble(...), AdviceCases::troubles()],
            'match' => ['Line against reel and rod', self::match(...), AdviceCases::matches()],
        ] as $name => [$title, $advice, $cases]) {
            $page = "# $title\n";
            foreach ($cases as $case => $asked) {
                $page .= "\n## $case\n" . implode('', array_map(static fn(string $line): string => "- $line\n", $advice($asked)));
            }
            yield $name => [$name, $page];
        }
    }

    #[DataProvider('pages')]
    public function testTheAdviceIsWhatAnAnglerHasReadAndAccepted(string $name, string $page): void
    {
        $file = self::FOLDER . "/$name.md";
        if (getenv('UNDRO_ACCEPT') === $name) {
            file_put_contents($file, $page);
        }
        self::assertStringEqualsFile($file, $page, "The advice on $name is another than was accepted. Read the difference as an angler would.");
    }

    /** @param array<string, mixed> $asked @return list<string> */
    private static function whichLine(array $asked): array
    {
        $choice = Compute::run('choose', $asked);
        $pounds = static fn(float $newtons): string => sprintf('%.0f', $newtons / self::POUND_N);

        return [
            implode('; ', array_map(
                static fn(array $each): string => "{$each['material']} {$pounds($each['pick_N'])} lb ({$pounds($each['low_N'])} to {$pounds($each['high_N'])})",
                $choice['materials'],
            )),
            ...self::texts([...$choice['limits'], ...$choice['reasons']]),
        ];
    }

    /** @param array<string, mixed> $asked @return list<string> */
    private static function upkeep(array $asked): array
    {
        $found = Compute::run('upkeep', $asked);
        $fits = array_filter($found['options'], static fn(array $each): bool => $each['fits'] && !$each['picked']);

        return [
            "{$found['word']}, due {$found['due_on']}: **{$found['pick_word']}.** {$found['text']}",
            ...self::texts($found['also']),
            'Else: ' . implode(', ', array_map(strval(...), array_column($fits, 'word'))) . '.',
        ];
    }

    /** @param array<string, mixed> $asked @return list<string> */
    private static function trouble(array $asked): array
    {
        $found = Compute::run('trouble', $asked);

        return array_filter([
            $found['at_once'] === null ? '' : "At once: {$found['at_once']}",
            ...array_map(
                static fn(array $each): string => "{$each['words']}." . ($each['because'] === null ? '' : " *{$each['because']['text']}*") . " {$each['do']}",
                $found['causes'],
            ),
        ]);
    }

    /** @param array<string, mixed> $asked @return list<string> */
    private static function match(array $asked): array
    {
        return array_map(
            static fn(array $each): string => "{$each['against']}, {$each['verdict']}: {$each['text']}",
            Compute::run('match', $asked)['findings'],
        );
    }

    /** @param list<array<string, mixed>> $sentences @return list<string> */
    private static function texts(array $sentences): array
    {
        return array_map(strval(...), array_column($sentences, 'text'));
    }
}
