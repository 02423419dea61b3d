<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setParallelConfig(new PhpCsFixer\Runner\Parallel\ParallelConfig(2))
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__ . '/.cache/php-cs-fixer.json')
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'strict_comparison' => true,
        'trailing_comma_in_multiline' => true,
    ])
    ->setFinder(PhpCsFixer\Finder::create()
        ->in(array_map(
            static fn(string $part): string => __DIR__ . "/$part",
            ['app', 'bootstrap', 'config', 'core', 'database', 'public', 'routes', 'tests'],
        ))
        ->exclude('cache')
        ->notPath('build')
        ->name('artisan')
        ->notName('*.blade.php'));
