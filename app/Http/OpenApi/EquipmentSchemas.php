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
        schema: 'CupKind',
        required: ['ml'],
        type: 'object',
        properties: [
            new OA\Property(property: 'ml', description: 'what goes in and can still be stirred', type: 'number'),
            new OA\Property(property: 'bottomMm', description: 'inside, across; all three or none', type: 'number'),
            new OA\Property(property: 'topMm', type: 'number'),
            new OA\Property(property: 'heightMm', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LampKind',
        required: ['name', 'light'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'light', type: 'string', enum: ['daylight-lamp', 'warm-indoor']),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'InstrumentKind',
        required: ['name', 'geometry', 'viewing'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'geometry', description: 'the angles it reads, like 15-45-110', type: 'string'),
            new OA\Property(property: 'viewing', description: 'light and observer, like D65/10', type: 'string'),
            new OA\Property(
                property: 'repeats',
                description: 'mean CIEDE2000 of single shots from their mean; null: nobody has tried',
                type: 'number',
                nullable: true,
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Equipment',
        required: ['booths', 'guns', 'cups', 'lamps', 'instruments'],
        type: 'object',
        properties: [
            new OA\Property(property: 'booths', type: 'array', items: new OA\Items(ref: '#/components/schemas/BoothKind')),
            new OA\Property(property: 'guns', ref: '#/components/schemas/GunKinds'),
            new OA\Property(
                property: 'cups',
                description: 'none: the usual ones',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/CupKind'),
            ),
            new OA\Property(property: 'lamps', type: 'array', items: new OA\Items(ref: '#/components/schemas/LampKind')),
            new OA\Property(
                property: 'instruments',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/InstrumentKind'),
            ),
        ],
    ),
]
final class EquipmentSchemas {}
