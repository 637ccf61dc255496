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
            'wasted',
            'cost',
            'formula',
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
            new OA\Property(property: 'wasted', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'cost', type: 'number', nullable: true),
            new OA\Property(property: 'formula', description: 'of the card that passed', type: 'integer', nullable: true),
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
        required: ['jobs', 'planned', 'real', 'ml', 'cost', 'redo', 'colours', 'schools', 'byColour', 'painters', 'currency', 'months'],
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
            new OA\Property(property: 'currency', type: 'string', nullable: true),
            new OA\Property(property: 'months', type: 'array', items: new OA\Items(ref: '#/components/schemas/LogMonth')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LogMonth',
        required: ['month', 'jobs', 'again', 'ml', 'wasted', 'cost', 'planned', 'real'],
        type: 'object',
        properties: [
            new OA\Property(property: 'month', description: 'YYYY-MM', type: 'string'),
            new OA\Property(property: 'jobs', type: 'integer'),
            new OA\Property(property: 'again', type: 'integer'),
            new OA\Property(property: 'ml', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'wasted', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'cost', type: 'number'),
            new OA\Property(property: 'planned', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'real', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ColourHistory',
        required: ['paint', 'jobs', 'samples', 'steps', 'formulas'],
        type: 'object',
        properties: [
            new OA\Property(property: 'paint', type: 'string', nullable: true),
            new OA\Property(property: 'jobs', type: 'array', items: new OA\Items(ref: '#/components/schemas/LogRow')),
            new OA\Property(property: 'samples', type: 'array', items: new OA\Items(ref: '#/components/schemas/TriedSample')),
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/TintStep')),
            new OA\Property(property: 'formulas', type: 'array', items: new OA\Items(ref: '#/components/schemas/FormulaVersion')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TriedSample',
        required: ['job', 'number', 'kind', 'name', 'formula', 'dE', 'angle', 'passed', 'says', 'by', 'at'],
        type: 'object',
        properties: [
            new OA\Property(property: 'job', type: 'string'),
            new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'kind', type: 'string', enum: ['card', 'variant']),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'formula', type: 'integer', nullable: true),
            new OA\Property(property: 'dE', description: 'CIEDE2000 where it is largest', type: 'number', nullable: true),
            new OA\Property(property: 'angle', type: 'integer', nullable: true),
            new OA\Property(property: 'passed', type: 'boolean'),
            new OA\Property(property: 'says', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Phrase')]),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TintStep',
        required: ['job', 'formula', 'pours', 'by', 'at'],
        type: 'object',
        properties: [
            new OA\Property(property: 'job', type: 'string'),
            new OA\Property(property: 'formula', type: 'integer', nullable: true),
            new OA\Property(property: 'pours', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FormulaVersion',
        required: ['number', 'note', 'by', 'at', 'toners', 'layer', 'totalGrams'],
        type: 'object',
        properties: [
            new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', description: "null where it is the shelf's", type: 'string', nullable: true),
            new OA\Property(property: 'toners', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
            new OA\Property(property: 'layer', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
            new OA\Property(property: 'totalGrams', type: 'number'),
        ],
    ),
]
/** Shapes of the logbook. */
final class LogSchemas {}
