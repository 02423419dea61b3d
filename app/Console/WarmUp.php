<?php

declare(strict_types=1);

namespace App\Console;

use App\Schema\Bodies;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;

/**
 * Lists the class files an ordinary request needs, so that PHP's server can load them once at its start (opcache.preload)
 * instead of with every request. The list is made by answering a few requests here.
 */
final class WarmUp
{
    private const REQUESTS = [
        ['GET', '/plan', ''],
        ['GET', '/api/anglers', ''],
        ['GET', '/api/reels', ''],
        ['GET', '/api/fillers', ''],
        ['GET', '/api/plans', ''],
        ['GET', '/api/runs', ''],
        [
            'POST',
            '/api/compute/plan',
            '{"reel": {}, "spool": {"ratings_text": "0.25/200"}, "main": {"size": "0.16", "length_m": 100}, "backing": {"size": "0.30"}}',
        ],
        ['POST', '/api/compute/plan', '{}'],
    ];

    /** Where a server follows: its caches, and the list of what it should load at its start. */
    public static function forAServer(): void
    {
        if (getenv('APP_CONFIG_CACHE') !== false) {
            array_map(Artisan::call(...), ['config:cache', 'event:cache', 'route:cache', 'view:cache']);
            self::write(storage_path('framework/preload.php'));
        }
    }

    /** Writes the list as a PHP file that preloads them. */
    private static function write(string $path): void
    {
        Bodies::keep();
        $kernel = app(Kernel::class);
        foreach (self::REQUESTS as [$verb, $uri, $body]) {
            $request = Request::create($uri, $verb, server: ['HTTP_HOST' => '127.0.0.1'], content: $body);
            $kernel->terminate($request, $kernel->handle($request));
        }
        // files that only define functions are loaded by the autoloader itself, and may be loaded but once
        /** @var array<string, string> $loaded */
        $loaded = require base_path('vendor/composer/autoload_files.php');
        $functions = array_flip($loaded);
        $classes = array_filter(
            get_included_files(),
            static fn(string $file): bool => !isset($functions[$file])
                && preg_match('~/(vendor/(?!composer/|autoload|bin/|nesbot/).+/.+|app/.+|core/src/.+)\.php$~', $file) === 1,
        );
        file_put_contents(
            $path,
            '<?php foreach (' . var_export(
                array_values($classes),
                true,
            ) . " as \$file) {\n    is_file(\$file) && opcache_compile_file(\$file);\n}\n",
        );
    }
}
