<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Units\Length;

/** One part of the gap and why it is there. */
final readonly class GapReason
{
    public function __construct(public GapReasonId $id, public Length $amount) {}
}
