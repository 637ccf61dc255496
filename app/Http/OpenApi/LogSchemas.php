<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'LogRow',
        required: [
            'job',
            'label',
            'plate',
            'colour',
            'code',
            'painter',
            'school',
            'need',
            'blend',
            'ml',
            'minutesPlanned',
            'minutesReal',
            'cardPassed',
            'looked',
            'defects',
            'lesson',
            'opened',
            'delivered',
            'asked',
            'redo',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'job', type: 'string'),
            new OA\Property(property: 'label', type: 'string'),
            new OA\Property(property: 'plate', type: 'string'),
            new OA\Property(property: 'colour', type: 'string'),
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'painter', type: 'string'),
            new OA\Property(property: 'school', type: 'string'),
            new OA\Property(property: 'need', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'blend', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'ml', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'minutesPlanned', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'minutesReal', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'cardPassed', type: 'boolean'),
            new OA\Property(property: 'looked', type: 'string', enum: ['', 'clean', 'seen']),
            new OA\Property(property: 'defects', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'lesson', type: 'string'),
            new OA\Property(property: 'opened', type: 'string'),
            new OA\Property(property: 'delivered', type: 'string', nullable: true),
            new OA\Property(property: 'asked', type: 'string', nullable: true),
            new OA\Property(property: 'redo', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LogPage',
        required: ['jobs', 'page', 'more'],
        type: 'object',
        properties: [
            new OA\Property(property: 'jobs', type: 'array', items: new OA\Items(ref: '#/components/schemas/LogRow')),
            new OA\Property(property: 'page', type: 'integer'),
            new OA\Property(property: 'more', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Rate',
        required: ['of', 'hits', 'low', 'high'],
        type: 'object',
        properties: [
            new OA\Property(property: 'of', type: 'integer'),
            new OA\Property(property: 'hits', type: 'integer'),
            new OA\Property(property: 'low', type: 'number'),
            new OA\Property(property: 'high', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'NamedRate',
        required: ['name', 'rate'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'rate', ref: '#/components/schemas/Rate'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LogColour',
        required: ['colour', 'code', 'jobs', 'last'],
        type: 'object',
        properties: [
            new OA\Property(property: 'colour', type: 'string'),
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'jobs', type: 'integer'),
            new OA\Property(property: 'last', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LogSums',
        required: ['jobs', 'planned', 'real', 'ml', 'cost', 'redo', 'colours', 'schools', 'byColour', 'painters'],
        type: 'object',
        properties: [
            new OA\Property(property: 'jobs', type: 'integer'),
            new OA\Property(property: 'planned', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'real', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'ml', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'cost', type: 'number'),
            new OA\Property(property: 'redo', ref: '#/components/schemas/Rate'),
            new OA\Property(property: 'colours', type: 'array', items: new OA\Items(ref: '#/components/schemas/LogColour')),
            new OA\Property(property: 'schools', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamedRate')),
            new OA\Property(property: 'byColour', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamedRate')),
            new OA\Property(property: 'painters', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamedRate')),
        ],
    ),
]
/** Shapes of the logbook. */
final class LogSchemas {}
