<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'KnownConstant',
        required: ['factor', 'spread', 'low', 'high', 'tests'],
        type: 'object',
        description: 'A factor on what the model takes; spread is the standard deviation of its logarithm, low and high hold nine in ten',
        properties: [
            new OA\Property(property: 'factor', type: 'number'),
            new OA\Property(property: 'spread', type: 'number'),
            new OA\Property(property: 'low', type: 'number'),
            new OA\Property(property: 'high', type: 'number'),
            new OA\Property(property: 'tests', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TestedConstant',
        required: ['constant', 'subject', 'text', 'model', 'tested'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'constant',
                type: 'string',
                enum: ['hiding', 'flakes', 'dry-below', 'eye', 'transfer', 'flash', 'toner'],
            ),
            new OA\Property(property: 'subject', type: 'string', description: 'colour or toner; empty: the workshop\'s own'),
            new OA\Property(property: 'text', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'model', ref: '#/components/schemas/KnownConstant'),
            new OA\Property(property: 'tested', ref: '#/components/schemas/KnownConstant'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TestedGroup',
        required: ['group', 'kind', 'text', 'tests', 'constants', 'heldOut', 'refused'],
        type: 'object',
        properties: [
            new OA\Property(property: 'group', type: 'string'),
            new OA\Property(property: 'kind', ref: '#/components/schemas/ModelTestKind'),
            new OA\Property(property: 'text', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'tests', type: 'integer'),
            new OA\Property(property: 'constants', type: 'array', items: new OA\Items(ref: '#/components/schemas/TestedConstant')),
            new OA\Property(
                property: 'heldOut',
                required: ['model', 'tested', 'readings'],
                type: 'object',
                description: 'Readings foretold from the others: root mean square in their own noise',
                properties: [
                    new OA\Property(property: 'model', type: 'number'),
                    new OA\Property(property: 'tested', type: 'number'),
                    new OA\Property(property: 'readings', type: 'integer'),
                ],
            ),
            new OA\Property(
                property: 'refused',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/Phrase')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ModelTestKind',
        type: 'string',
        enum: ['hiding-card', 'fade-panel', 'fade-sheet', 'cup-left', 'flash-time', 'toner-card'],
    ),
]
#[
    OA\Schema(
        schema: 'ModelTest',
        required: ['id', 'kind', 'name', 'group', 'by', 'at', 'putAway'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'kind', ref: '#/components/schemas/ModelTestKind'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'group', type: 'string'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'at', type: 'string'),
            new OA\Property(property: 'putAway', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ModelTestWish',
        required: ['key', 'kind', 'on'],
        type: 'object',
        description: 'What was tested and read; the fields of each kind are told in docs/model.md, section 19',
        properties: [
            new OA\Property(property: 'key', type: 'string', format: 'uuid'),
            new OA\Property(property: 'kind', ref: '#/components/schemas/ModelTestKind'),
            new OA\Property(property: 'on', type: 'string', format: 'date'),
        ],
        additionalProperties: true,
    ),
]
#[
    OA\Schema(
        schema: 'CalibrationState',
        required: ['kinds', 'constants', 'toners', 'sheet', 'greyL', 'tests', 'groups'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'kinds',
                type: 'array',
                items: new OA\Items(
                    required: ['kind', 'text', 'how'],
                    type: 'object',
                    properties: [
                        new OA\Property(property: 'kind', ref: '#/components/schemas/ModelTestKind'),
                        new OA\Property(property: 'text', ref: '#/components/schemas/Phrase'),
                        new OA\Property(property: 'how', ref: '#/components/schemas/Phrase'),
                    ],
                ),
            ),
            new OA\Property(property: 'constants', type: 'array', items: new OA\Items(ref: '#/components/schemas/TestedConstant')),
            new OA\Property(property: 'toners', type: 'array', items: new OA\Items(ref: '#/components/schemas/ShelfName')),
            new OA\Property(
                property: 'sheet',
                type: 'array',
                items: new OA\Items(
                    required: ['dL', 'widthMm'],
                    type: 'object',
                    properties: [
                        new OA\Property(property: 'dL', type: 'number'),
                        new OA\Property(property: 'widthMm', type: 'number'),
                    ],
                ),
            ),
            new OA\Property(property: 'greyL', type: 'number'),
            new OA\Property(property: 'tests', type: 'array', items: new OA\Items(ref: '#/components/schemas/ModelTest')),
            new OA\Property(property: 'groups', type: 'array', items: new OA\Items(ref: '#/components/schemas/TestedGroup')),
        ],
    ),
]
/** Shapes of the workshop's tests of the model. */
final class CalibrationSchemas {}
