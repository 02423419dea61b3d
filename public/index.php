<?php

declare(strict_types=1);

use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

// what is sent to the interface is read by the application itself, within bounds; told that it is JSON, the framework would read all
// of it before anybody could refuse. The door alone takes forms.
if (preg_match('~^/(pair|sign-in|welcome/[^/]+|forgot)$~', (string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH)) !== 1) {
    unset($_SERVER['CONTENT_TYPE'], $_SERVER['HTTP_CONTENT_TYPE']);
}

require __DIR__ . '/../vendor/autoload.php';

(require_once __DIR__ . '/../bootstrap/app.php')->handleRequest(Request::capture());
