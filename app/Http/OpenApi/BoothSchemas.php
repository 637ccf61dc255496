<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'BoothAsked',
        required: ['document'],
        type: 'object',
        properties: [
            new OA\Property(property: 'document', ref: '#/components/schemas/JobDocument'),
            new OA\Property(property: 'walk', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'hardener', type: 'string', enum: ['fast', 'standard', 'slow'], nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BoothTask',
        required: [
            'id',
            'name',
            'minutes',
            'hands',
            'place',
            'placeWords',
            'after',
            'start',
            'end',
            'slack',
            'critical',
            'during',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'hands', type: 'boolean'),
            new OA\Property(property: 'place', type: 'string', enum: ['bay', 'mixing-room', 'lamp', 'booth']),
            new OA\Property(property: 'placeWords', type: 'string'),
            new OA\Property(property: 'after', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'start', type: 'number'),
            new OA\Property(property: 'end', type: 'number'),
            new OA\Property(property: 'slack', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'critical', type: 'boolean'),
            new OA\Property(property: 'during', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BoothFlash',
        required: ['coat', 'name', 'spraying', 'wait', 'over', 'dries'],
        type: 'object',
        properties: [
            new OA\Property(property: 'coat', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'spraying', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'wait', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'over', type: 'string'),
            new OA\Property(property: 'dries', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BoothBake',
        required: ['minutes', 'at', 'lowered', 'electric', 'limit', 'plastic'],
        type: 'object',
        properties: [
            new OA\Property(property: 'minutes', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'at', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'lowered', type: 'boolean'),
            new OA\Property(property: 'electric', type: 'boolean'),
            new OA\Property(property: 'limit', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'plastic', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BoothAir',
        required: ['temperature', 'humidity', 'dewPoint', 'dry', 'says', 'bake', 'potLife', 'clear'],
        type: 'object',
        properties: [
            new OA\Property(property: 'temperature', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'humidity', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'dewPoint', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'dry', type: 'boolean'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'bake', ref: '#/components/schemas/BoothBake'),
            new OA\Property(property: 'potLife', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'clear', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'WalkedPanel',
        required: ['panel', 'name', 'seconds'],
        type: 'object',
        properties: [
            new OA\Property(property: 'panel', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'seconds', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'WalkedSeam',
        required: ['first', 'then', 'age', 'open'],
        type: 'object',
        properties: [
            new OA\Property(property: 'first', type: 'string'),
            new OA\Property(property: 'then', type: 'string'),
            new OA\Property(property: 'age', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'open', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'NamedKey',
        required: ['key', 'name'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BoothWalk',
        required: ['coat', 'walk', 'seams', 'round', 'oldest', 'holds', 'hardener', 'hardeners', 'open', 'cures', 'says'],
        type: 'object',
        properties: [
            new OA\Property(property: 'coat', type: 'string'),
            new OA\Property(property: 'walk', type: 'array', items: new OA\Items(ref: '#/components/schemas/WalkedPanel')),
            new OA\Property(property: 'seams', type: 'array', items: new OA\Items(ref: '#/components/schemas/WalkedSeam')),
            new OA\Property(property: 'round', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'oldest', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'holds', type: 'boolean'),
            new OA\Property(property: 'hardener', type: 'string'),
            new OA\Property(property: 'hardeners', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamedKey')),
            new OA\Property(property: 'open', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'cures', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BoothStation',
        required: ['tasks', 'flashes', 'air', 'walk', 'stands'],
        type: 'object',
        properties: [
            new OA\Property(property: 'tasks', type: 'array', items: new OA\Items(ref: '#/components/schemas/BoothTask')),
            new OA\Property(property: 'length', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'shortest', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'handsOn', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'waiting', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'spraying', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'colourFirst', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'flashes', type: 'array', items: new OA\Items(ref: '#/components/schemas/BoothFlash')),
            new OA\Property(property: 'air', ref: '#/components/schemas/BoothAir'),
            new OA\Property(property: 'walk', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/BoothWalk')]),
            new OA\Property(property: 'stands', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
        ],
    ),
]
/** Shapes of station Booth before the run. */
final class BoothSchemas {}
