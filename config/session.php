<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'sparing'),
    // A painter should not have to sign in again with gloves on. Each session is a device that can be signed out.
    'lifetime' => 60 * 24 * 30,
    'expire_on_close' => false,
    'encrypt' => false,
    'table' => 'sessions',
    'connection' => null,
    'store' => null,
    'lottery' => [2, 100],
    'cookie' => 'kalopsis_session',
    'path' => '/',
    'domain' => null,
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'files' => storage_path('framework/sessions'),
];
