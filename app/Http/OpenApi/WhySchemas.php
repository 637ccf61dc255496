<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** Figures, phrases and their reasons. */
#[
    OA\Schema(
        schema: 'Quantity',
        required: ['value', 'unit'],
        type: 'object',
        properties: [new OA\Property(property: 'value', type: 'number'), new OA\Property(property: 'unit', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'Phrase',
        required: ['text', 'values', 'plain'],
        type: 'object',
        properties: [
            new OA\Property(property: 'text', type: 'string'),
            new OA\Property(
                property: 'values',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(
                    oneOf: [
                        new OA\Schema(ref: '#/components/schemas/Quantity'),
                        new OA\Schema(type: 'string'),
                        new OA\Schema(type: 'integer'),
                        new OA\Schema(ref: '#/components/schemas/Phrase'),
                        new OA\Schema(
                            type: 'array',
                            items: new OA\Items(
                                oneOf: [
                                    new OA\Schema(type: 'string'),
                                    new OA\Schema(ref: '#/components/schemas/Phrase'),
                                ],
                            ),
                        ),
                    ],
                ),
            ),
            new OA\Property(property: 'plain', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Input',
        required: ['name', 'value'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'value',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Quantity'), new OA\Schema(type: 'string')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Reason',
        required: ['rule', 'source', 'citation', 'inputs'],
        type: 'object',
        properties: [
            new OA\Property(property: 'rule', ref: '#/components/schemas/Phrase'),
            new OA\Property(
                property: 'source',
                type: 'string',
                enum: ['data-sheet', 'published', 'practice', 'shop-calibration', 'estimate', 'geometry', 'your-choice'],
            ),
            new OA\Property(property: 'citation', type: 'string'),
            new OA\Property(property: 'inputs', type: 'array', items: new OA\Items(ref: '#/components/schemas/Input')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Figure',
        required: ['value', 'unit', 'reasons'],
        type: 'object',
        properties: [
            new OA\Property(property: 'value', type: 'number'),
            new OA\Property(property: 'unit', type: 'string'),
            new OA\Property(property: 'reasons', type: 'array', items: new OA\Items(ref: '#/components/schemas/Reason')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FieldFault',
        required: ['field', 'code', 'detail'],
        type: 'object',
        properties: [
            new OA\Property(property: 'field', type: 'string'),
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'detail', type: 'string'),
            new OA\Property(property: 'phrase', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Problem',
        required: ['type', 'title', 'status', 'code'],
        type: 'object',
        properties: [
            new OA\Property(property: 'type', type: 'string'),
            new OA\Property(property: 'title', type: 'string'),
            new OA\Property(property: 'status', type: 'integer'),
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'detail', type: 'string'),
            new OA\Property(property: 'errors', type: 'array', items: new OA\Items(ref: '#/components/schemas/FieldFault')),
            new OA\Property(property: 'current', type: 'integer'),
        ],
    ),
]
final class WhySchemas {}
