<?php

declare(strict_types=1);

use App\Models\Person;

return [
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => Person::class]],
];
