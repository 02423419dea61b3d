<?php

declare(strict_types=1);

// php import.php FILE look|take: lines of a CSV file into the database in UNDRO_DATABASE; says how many rows are in which state
use App\Exchange\Import;
use App\Exchange\Table;
use Illuminate\Contracts\Console\Kernel;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
ini_set('memory_limit', '512M');
$read = $app->make(Import::class)->run((string) file_get_contents($argv[1]), Table::Lines, $argv[2] === 'take');
echo json_encode(array_count_values(array_column($read['rows'], 'state')), JSON_THROW_ON_ERROR);
