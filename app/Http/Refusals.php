<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;

/**
 * Who was refused where Undro is served, a line each in a log of its own: when, from where, what, and under which name. Never what was typed as
 * a password. docs/serving.md has a rule for fail2ban that reads it.
 */
final class Refusals
{
    private const LONGEST_NAME = 100;

    /** @param 'wrong password'|'too many wrong passwords'|'no such key'|'not for a key'|'too often' $what */
    public static function note(Request $request, string $what, string $name = ''): void
    {
        if (!config()->boolean('undro.served')) {
            return;
        }
        // a name is what anybody typed: one line, and nothing that a terminal obeys
        $name = mb_substr((string) preg_replace('/\p{Cc}+/u', '?', mb_scrub($name)), 0, self::LONGEST_NAME);
        Log::channel('refused')->info(sprintf('%s %s%s', $request->ip() ?? '-', $what, $name === '' ? '' : " for $name"));
    }
}
