<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'DayBlock',
        required: ['kind', 'words', 'start', 'end', 'handsEnd', 'booth', 'person', 'pinned', 'conflicts'],
        type: 'object',
        properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['card', 'dries', 'prep', 'booth', 'cool', 'finish']),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'start', type: 'number'),
            new OA\Property(property: 'end', type: 'number'),
            new OA\Property(property: 'handsEnd', type: 'number'),
            new OA\Property(property: 'booth', type: 'string', nullable: true),
            new OA\Property(property: 'person', type: 'string', nullable: true),
            new OA\Property(property: 'pinned', type: 'boolean'),
            new OA\Property(property: 'conflicts', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DayCar',
        required: ['id', 'due', 'ready', 'late', 'cure', 'blocks'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'due', type: 'number', nullable: true),
            new OA\Property(property: 'ready', type: 'number', nullable: true),
            new OA\Property(property: 'late', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'cure', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Phrase')]),
            new OA\Property(property: 'blocks', type: 'array', items: new OA\Items(ref: '#/components/schemas/DayBlock')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DayBooth',
        required: ['name', 'busy', 'says'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'busy', type: 'boolean'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DayPerson',
        required: ['name', 'paints'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'paints', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShopHours',
        required: ['opens', 'closes', 'days', 'booths'],
        type: 'object',
        properties: [
            new OA\Property(property: 'opens', type: 'string'),
            new OA\Property(property: 'closes', type: 'string'),
            new OA\Property(property: 'days', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'booths', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DayLaid',
        required: ['now', 'opens', 'closes', 'worked', 'booths', 'people', 'cars', 'late', 'lateness', 'idle', 'order'],
        type: 'object',
        properties: [
            new OA\Property(property: 'now', type: 'number'),
            new OA\Property(property: 'opens', type: 'integer'),
            new OA\Property(property: 'closes', type: 'integer'),
            new OA\Property(property: 'worked', type: 'array', items: new OA\Items(type: 'boolean')),
            new OA\Property(property: 'booths', type: 'array', items: new OA\Items(ref: '#/components/schemas/DayBooth')),
            new OA\Property(property: 'people', type: 'array', items: new OA\Items(ref: '#/components/schemas/DayPerson')),
            new OA\Property(property: 'cars', type: 'array', items: new OA\Items(ref: '#/components/schemas/DayCar')),
            new OA\Property(property: 'late', type: 'integer'),
            new OA\Property(property: 'lateness', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'idle', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'order', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Day',
        required: [
            'now',
            'opens',
            'closes',
            'worked',
            'booths',
            'people',
            'cars',
            'late',
            'lateness',
            'idle',
            'order',
            'hours',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'now', type: 'number'),
            new OA\Property(property: 'opens', type: 'integer'),
            new OA\Property(property: 'closes', type: 'integer'),
            new OA\Property(property: 'worked', type: 'array', items: new OA\Items(type: 'boolean')),
            new OA\Property(property: 'booths', type: 'array', items: new OA\Items(ref: '#/components/schemas/DayBooth')),
            new OA\Property(property: 'people', type: 'array', items: new OA\Items(ref: '#/components/schemas/DayPerson')),
            new OA\Property(property: 'cars', type: 'array', items: new OA\Items(ref: '#/components/schemas/DayCar')),
            new OA\Property(property: 'late', type: 'integer'),
            new OA\Property(property: 'lateness', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'idle', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'order', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'hours', ref: '#/components/schemas/ShopHours'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BestDay',
        required: ['day', 'explains', 'order'],
        type: 'object',
        properties: [
            new OA\Property(property: 'day', ref: '#/components/schemas/DayLaid'),
            new OA\Property(property: 'explains', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'order', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DayOrder',
        required: ['order'],
        type: 'object',
        properties: [
            new OA\Property(property: 'order', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DayMove',
        required: ['block'],
        type: 'object',
        properties: [
            new OA\Property(property: 'block', type: 'string', enum: ['card', 'dries', 'prep', 'booth', 'cool', 'finish']),
            new OA\Property(property: 'starts', type: 'string', nullable: true),
            new OA\Property(property: 'booth', type: 'string', nullable: true),
            new OA\Property(property: 'person', type: 'string', nullable: true),
            new OA\Property(property: 'done', type: 'boolean'),
        ],
    ),
]
/** Shapes of the shop's day. */
final class DaySchemas {}
