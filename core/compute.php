<?php

declare(strict_types=1);

/** ./undro compute NAME < case.json: the result as JSON and exit 0, or what is wrong and exit 2. */

use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Input\BadInput;

require __DIR__ . '/../vendor/autoload.php';

try {
    $case = json_decode((string) stream_get_contents(STDIN), true, 32);
    is_array($case) || throw BadInput::notJson(json_last_error_msg());
    echo json_encode(Compute::run($argv[1] ?? '', $case), JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR), "\n";
} catch (DomainFault $fault) {
    echo json_encode(
        ['error' => ['field' => $fault->field, 'message' => $fault->getMessage()] + $fault->more],
        JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE
    ), "\n";
    exit(2);
}
