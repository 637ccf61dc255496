<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** Jobs, their states and versions. */
#[
    OA\Schema(
        schema: 'Station',
        required: ['id', 'state', 'severity', 'ready'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'state', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'severity', type: 'string', enum: ['note', 'look-out', 'stop']),
            new OA\Property(property: 'ready', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'JobRow',
        required: [
            'id',
            'label',
            'plate',
            'colour',
            'paint',
            'due',
            'painter',
            'order',
            'owner',
            'version',
            'stations',
            'verdict',
            'severity',
            'changedAt',
            'archived',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'label', type: 'string'),
            new OA\Property(property: 'plate', type: 'string'),
            new OA\Property(property: 'colour', type: 'string'),
            new OA\Property(property: 'paint', type: 'string', nullable: true),
            new OA\Property(property: 'due', description: 'like 2026-11-30T16:00', type: 'string', nullable: true),
            new OA\Property(property: 'painter', type: 'string'),
            new OA\Property(property: 'order', type: 'string'),
            new OA\Property(property: 'owner', type: 'string'),
            new OA\Property(property: 'version', type: 'integer'),
            new OA\Property(property: 'stations', type: 'array', items: new OA\Items(ref: '#/components/schemas/Station')),
            new OA\Property(property: 'verdict', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'severity', type: 'string', enum: ['note', 'look-out', 'stop']),
            new OA\Property(property: 'changedAt', type: 'string'),
            new OA\Property(property: 'archived', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Version',
        required: ['number', 'kind', 'change', 'by', 'at'],
        type: 'object',
        properties: [
            new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'kind', type: 'string', enum: ['create', 'import', 'edit', 'undo', 'redo']),
            new OA\Property(property: 'change', type: 'string'),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Bench',
        required: [
            'id',
            'version',
            'archived',
            'canUndo',
            'canRedo',
            'change',
            'changedBy',
            'changedAt',
            'document',
            'plan',
            'formula',
            'paint',
            'sheets',
        ],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'formula',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/CardFormula')],
            ),
            new OA\Property(
                property: 'paint',
                description: 'the colour of the car as read, about, for a screen: "#rrggbb"',
                type: 'string',
                nullable: true,
            ),
            new OA\Property(property: 'sheets', ref: '#/components/schemas/SheetsUsed'),
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'version', type: 'integer'),
            new OA\Property(property: 'archived', type: 'boolean'),
            new OA\Property(property: 'canUndo', type: 'boolean'),
            new OA\Property(property: 'canRedo', type: 'boolean'),
            new OA\Property(property: 'change', type: 'string'),
            new OA\Property(property: 'changedBy', type: 'string', nullable: true),
            new OA\Property(property: 'changedAt', type: 'string'),
            new OA\Property(property: 'document', ref: '#/components/schemas/JobDocument'),
            new OA\Property(property: 'plan', ref: '#/components/schemas/JobPlan'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Preview',
        required: ['plan'],
        type: 'object',
        properties: [new OA\Property(property: 'plan', ref: '#/components/schemas/JobPlan')],
    ),
]
final class JobSchemas {}
