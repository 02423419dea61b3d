<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

/** What the bench measures against: a page and an answer with nothing in them, by the same server. */
Route::get('/floor', static fn() => response('<!doctype html><title>Floor</title><h1>Floor</h1><p>A page with nothing but these words.</p>'));
Route::match(['get', 'post'], '/api/floor', static fn() => response()->json((object) []))->withoutMiddleware('web');
