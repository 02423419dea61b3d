<?php

declare(strict_types=1);

namespace Undro\Match;

use Undro\Units\Sentence;

/** One comparison, and what follows from it. */
final readonly class Finding
{
    public function __construct(public Against $against, public Verdict $verdict, public Sentence $sentence) {}
}
