<?php

declare(strict_types=1);

// no file is kept for anybody to fetch
return ['default' => 'local', 'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false]]];
