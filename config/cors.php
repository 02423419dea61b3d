<?php

declare(strict_types=1);

// no page elsewhere has any business here
return ['paths' => []];
