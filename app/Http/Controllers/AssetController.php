<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Built files for a device that has been let in; on this computer itself they are answered before the application is asked. */
final class AssetController
{
    /** By the end of their names; the same list stands in public/router.php, which runs without the application. */
    private const TYPES = [
        'js' => 'text/javascript',
        'css' => 'text/css',
        'woff2' => 'font/woff2',
        'svg' => 'image/svg+xml',
        'json' => 'application/json',
        'gz' => 'application/gzip',
    ];

    public function __invoke(Request $request, string $file): BinaryFileResponse
    {
        $type = self::TYPES[pathinfo($file, PATHINFO_EXTENSION)] ?? null;
        $path = public_path("build/assets/$file");
        $type !== null && is_file($path) || abort(404);

        $headers = ['Content-Type' => $type, 'Cache-Control' => 'public, max-age=31536000, immutable', 'Vary' => 'Accept-Encoding'];
        foreach (['br' => '.br', 'gzip' => '.gz'] as $coding => $end) {
            if (preg_match("/\\b$coding\\b/", (string) $request->header('Accept-Encoding')) === 1 && is_file($path . $end)) {
                return new BinaryFileResponse($path . $end, headers: $headers + ['Content-Encoding' => $coding]);
            }
        }

        return new BinaryFileResponse($path, headers: $headers);
    }
}
