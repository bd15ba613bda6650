<?php

declare(strict_types=1);

use App\Models\Tutor;

// One tutor, one passphrase; staying signed in has to be asked for, and ends after a month.
return [
    'defaults' => ['guard' => 'web', 'passwords' => 'tutors'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'tutors', 'remember' => 43_200]],
    'providers' => ['tutors' => ['driver' => 'eloquent', 'model' => Tutor::class]],
    'passwords' => [],
    'password_timeout' => 10_800,
];
