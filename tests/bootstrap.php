<?php

declare(strict_types=1);

// compiled views and the like go to a scratch folder, as they go to the data folder in a real run
// in a folder for each process: what stands for all processes of one server must not stand for those of other tests
$data = __DIR__ . '/../.cache/testing/' . (getenv('TEST_TOKEN') ?: 'alone');
@mkdir("$data/storage/framework/views", 0o700, true);
@mkdir("$data/storage/framework/places", 0o700, true);
@mkdir("$data/storage/logs", 0o700, true);
putenv("UNDRO_DATA=$data");

require __DIR__ . '/../vendor/autoload.php';
