<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'unix_socket' => env('DB_SOCKET', ''),
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'kalopsis'),
            'username' => env('DB_USERNAME', 'kalopsis'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            'options' => [
                // One way to the database and back for each question instead of three.
                PDO::ATTR_EMULATE_PREPARES => true,
                PDO::MYSQL_ATTR_MULTI_STATEMENTS => false,
            ],
        ],
    ],
    // More than one database server takes changes, as in a Galera cluster with a node of ours beside each.
    'several_writers' => (bool) env('DB_SEVERAL_WRITERS', false),
    'redis' => [
        'client' => 'phpredis',
        'default' => [
            // A path is a socket; it has the port 0.
            'host' => env('REDIS_HOST', '127.0.0.1'),
            'port' => env('REDIS_PORT', '6379'),
            'username' => env('REDIS_USERNAME'),
            'password' => env('REDIS_PASSWORD'),
            'database' => 0,
            'timeout' => 2.0,
        ],
        'options' => ['prefix' => 'kalopsis:'],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
