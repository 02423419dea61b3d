<?php

declare(strict_types=1);

/**
 * Router for PHP's own server: built files are served here with their type and a long life (their names carry a hash),
 * everything else by the application.
 */
$path = parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH);
$types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml', 'json' => 'application/json', 'gz' => 'application/gzip'];
$from = $_SERVER['REMOTE_ADDR'] ?? '';
// another device is looked at by the application first, and a stranger sees nothing but the door
$here = $from === '::1' || preg_match('/^(::ffff:)?127\./', $from) === 1;
if ($here && $path === '/up') {
    // for ./undro itself, which asks whether anybody answers
    header('Content-Type: text/plain');
    echo 'up';

    return true;
}
$asset = is_string($path) && preg_match('~^/build/assets/[\w.-]+\.(\w+)$~', $path, $found) === 1;
if ($here && $asset && isset($types[$found[1]]) && is_file(__DIR__ . $path)) {
    header("Content-Type: {$types[$found[1]]}");
    header('X-Content-Type-Options: nosniff');
    header('Cache-Control: public, max-age=31536000, immutable');
    header_remove('X-Powered-By');
    header('Vary: Accept-Encoding');
    $sent = __DIR__ . $path;
    foreach (['br' => '.br', 'gzip' => '.gz'] as $coding => $end) {
        if (preg_match("/\\b$coding\\b/", $_SERVER['HTTP_ACCEPT_ENCODING'] ?? '') === 1 && is_file($sent . $end)) {
            header("Content-Encoding: $coding");
            $sent .= $end;
            break;
        }
    }
    header('Content-Length: ' . filesize($sent));
    readfile($sent);

    return true;
}

// whatever file is asked for, it is the application that answers
$_SERVER['SCRIPT_NAME'] = $_SERVER['PHP_SELF'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = __DIR__ . '/index.php';
require __DIR__ . '/index.php';
