<?php

declare(strict_types=1);

use App\Models\User;

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    // An answer to a wrong sign-in takes so long, microseconds, whether there is such an account or not.
    'patience' => (int) env('SIGN_IN_PATIENCE', 700_000),
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
];
