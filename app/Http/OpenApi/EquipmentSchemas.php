<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** What a shop works with. */
#[
    OA\Schema(
        schema: 'BoothKind',
        required: ['name'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'movesMPerS', description: 'air along a panel, m/s', type: 'number'),
            new OA\Property(property: 'heatsToC', description: 'deg C; null: as hot as any sheet bakes', type: 'number', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GunKind',
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'fanMm', description: 'at 180 mm from the panel', type: 'number'),
            new OA\Property(property: 'nozzleMm', type: 'number'),
            new OA\Property(property: 'flowMlPerMin', description: 'trigger pulled through', type: 'number'),
            new OA\Property(property: 'leastBar', description: 'below it the gun does not atomise', type: 'number'),
            new OA\Property(property: 'mostBar', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GunKinds',
        required: ['standard', 'small'],
        type: 'object',
        properties: [
            new OA\Property(property: 'standard', ref: '#/components/schemas/GunKind'),
            new OA\Property(property: 'small', ref: '#/components/schemas/GunKind'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Equipment',
        required: ['booths', 'guns', 'cups'],
        type: 'object',
        properties: [
            new OA\Property(property: 'booths', type: 'array', items: new OA\Items(ref: '#/components/schemas/BoothKind')),
            new OA\Property(property: 'guns', ref: '#/components/schemas/GunKinds'),
            new OA\Property(
                property: 'cups',
                description: 'sizes the shop has; none: all',
                type: 'array',
                items: new OA\Items(type: 'string'),
            ),
        ],
    ),
]
final class EquipmentSchemas {}
