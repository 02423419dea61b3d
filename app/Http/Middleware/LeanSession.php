<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Session\Middleware\StartSession;

/** The framework's session without the address that was asked for last, which nobody needs here and which would have it written each time. */
final class LeanSession extends StartSession
{
    /** {@inheritDoc} */
    protected function storeCurrentUrl($request, $session): void {}
}
