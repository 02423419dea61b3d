<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** A device that was there is not heard any more. */
final class DeviceLost extends RuntimeException {}
