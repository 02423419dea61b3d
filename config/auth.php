<?php

declare(strict_types=1);

use App\Households\Person;

// asked only where Undro is served to more than this computer
return [
    'defaults' => ['guard' => 'people'],
    'guards' => ['people' => ['driver' => 'session', 'provider' => 'people']],
    'providers' => ['people' => ['driver' => 'eloquent', 'model' => Person::class]],
    'password_timeout' => 10800,
];
