<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        // Several machines remember together.
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'redis' => ['driver' => 'redis', 'connection' => 'default'],
        'file' => ['driver' => 'file', 'path' => env('CACHE_PATH', storage_path('framework/cache/data'))],
    ],
    // What an older version computed must not be found again by a newer one, also where several machines remember together.
    'prefix' => 'kalopsis-' . (json_decode((string) file_get_contents(__DIR__ . '/../package.json'))->version ?? ''),
];
