<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** What holds for the whole API. */
#[
    OA\Info(
        version: '1',
        title: 'Kalopsis',
        description: 'Plans invisible paint repairs. A planning aid: data sheets, safety data sheets and local rules win.',
    ),
]
#[OA\Server(url: '/')]
#[
    OA\Parameter(
        parameter: 'job',
        name: 'job',
        in: 'path',
        required: true,
        schema: new OA\Schema(type: 'string', format: 'uuid'),
    ),
]
#[
    OA\Parameter(
        parameter: 'mix',
        name: 'mix',
        in: 'path',
        required: true,
        schema: new OA\Schema(type: 'string', format: 'uuid'),
    ),
]
#[
    OA\Parameter(
        parameter: 'person',
        name: 'person',
        in: 'path',
        required: true,
        schema: new OA\Schema(type: 'integer'),
    ),
]
#[
    OA\Parameter(
        parameter: 'colour',
        name: 'colour',
        in: 'path',
        required: true,
        schema: new OA\Schema(type: 'integer'),
    ),
]
#[
    OA\Parameter(
        parameter: 'paintKey',
        name: 'key',
        in: 'path',
        required: true,
        schema: new OA\Schema(type: 'string'),
    ),
]
#[
    OA\Parameter(
        parameter: 'photo',
        name: 'photo',
        in: 'path',
        required: true,
        schema: new OA\Schema(type: 'string', format: 'uuid'),
    ),
]
#[
    OA\Parameter(
        parameter: 'run',
        name: 'run',
        in: 'path',
        required: true,
        schema: new OA\Schema(type: 'string', format: 'uuid'),
    ),
]
#[
    OA\Parameter(
        parameter: 'at',
        name: 'at',
        in: 'query',
        description: 'Now, by the clock on the wall: 2026-11-28T09:57',
        schema: new OA\Schema(type: 'string'),
    ),
]
#[
    OA\Parameter(
        parameter: 'ifMatch',
        name: 'If-Match',
        in: 'header',
        required: true,
        description: 'The version the edit was made on, as "7"',
        schema: new OA\Schema(type: 'string'),
    ),
]
#[
    OA\Parameter(
        parameter: 'sample',
        name: 'sample',
        in: 'path',
        required: true,
        schema: new OA\Schema(type: 'string', format: 'uuid'),
    ),
]
#[OA\Parameter(parameter: 'reading', name: 'reading', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
#[
    OA\Parameter(
        parameter: 'import',
        name: 'import',
        in: 'path',
        required: true,
        schema: new OA\Schema(type: 'string', format: 'uuid'),
    ),
]
final class Api {}
