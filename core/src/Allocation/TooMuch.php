<?php

declare(strict_types=1);

namespace Undro\Allocation;

/** The search has taken as many steps as it may. */
final class TooMuch extends \RuntimeException {}
