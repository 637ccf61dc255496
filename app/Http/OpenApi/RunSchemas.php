<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'RunBegun',
        required: ['id'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunRow',
        required: ['id', 'by', 'begunAt', 'finishedAt', 'jobVersion', 'step', 'done', 'of'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'begunAt', type: 'string'),
            new OA\Property(property: 'finishedAt', type: 'string', nullable: true),
            new OA\Property(property: 'jobVersion', type: 'integer'),
            new OA\Property(property: 'step', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Phrase')]),
            new OA\Property(property: 'done', type: 'integer'),
            new OA\Property(property: 'of', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunGun',
        required: ['pressure', 'distance', 'overlap'],
        type: 'object',
        properties: [
            new OA\Property(property: 'pressure', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'distance', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'overlap', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunCup',
        required: ['id', 'name', 'mixture', 'ml'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'mixture', type: 'string'),
            new OA\Property(property: 'ml', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunStep',
        required: ['id', 'kind', 'minutes', 'waitMin', 'movement', 'answers'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'cupId', type: 'string'),
            new OA\Property(
                property: 'kind',
                type: 'string',
                enum: ['ready', 'coat', 'tack', 'cover', 'card', 'wait', 'sand', 'mend', 'bake', 'unmask'],
            ),
            new OA\Property(property: 'minutes', type: 'number'),
            new OA\Property(property: 'waitMin', type: 'number', nullable: true),
            new OA\Property(property: 'movement', type: 'string', nullable: true),
            new OA\Property(property: 'answers', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'name', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'coat', type: 'string'),
            new OA\Property(property: 'coatKind', type: 'string'),
            new OA\Property(property: 'dries', type: 'string'),
            new OA\Property(property: 'after', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Phrase')]),
            new OA\Property(property: 'look', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Phrase')]),
            new OA\Property(property: 'gun', ref: '#/components/schemas/RunGun'),
            new OA\Property(property: 'cup', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/RunCup')]),
            new OA\Property(property: 'reach', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'panels', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'says', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'asks', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(ref: '#/components/schemas/CautionAt')),
            new OA\Property(property: 'earliest', type: 'number'),
            new OA\Property(property: 'latest', type: 'number', nullable: true),
            new OA\Property(property: 'repeats', type: 'boolean'),
            new OA\Property(property: 'again', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunAir',
        required: ['temperatureC', 'humidityPercent', 'airMPerS'],
        type: 'object',
        properties: [
            new OA\Property(property: 'temperatureC', type: 'number'),
            new OA\Property(property: 'humidityPercent', type: 'number'),
            new OA\Property(property: 'airMPerS', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunRemedySteps',
        type: 'object',
        additionalProperties: new OA\AdditionalProperties(
            type: 'array',
            items: new OA\Items(ref: '#/components/schemas/RunStep'),
        ),
    ),
]
#[
    OA\Schema(
        schema: 'DryingTable',
        required: ['celsius', 'humidity', 'rates', 'airMPerS'],
        type: 'object',
        properties: [
            new OA\Property(property: 'celsius', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'humidity', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(
                property: 'rates',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(
                    type: 'array',
                    items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
                ),
            ),
            new OA\Property(property: 'airMPerS', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunPlan',
        required: ['steps', 'remedies', 'drying', 'climate'],
        type: 'object',
        properties: [
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/RunStep')),
            new OA\Property(
                property: 'remedies',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/RunRemedySteps'),
            ),
            new OA\Property(
                property: 'drying',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/DryingTable'),
            ),
            new OA\Property(property: 'climate', ref: '#/components/schemas/RunAir'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunPanel',
        required: ['id', 'name', 'kind', 'outline'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(
                property: 'outline',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunReach',
        required: ['reach', 'limit'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'reach',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
            ),
            new OA\Property(
                property: 'limit',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunDrawing',
        required: ['box', 'panels', 'repairs', 'coats'],
        type: 'object',
        properties: [
            new OA\Property(property: 'box', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'panels', type: 'array', items: new OA\Items(ref: '#/components/schemas/RunPanel')),
            new OA\Property(
                property: 'repairs',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
            ),
            new OA\Property(
                property: 'coats',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/RunReach'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunRemedy',
        required: ['key', 'name', 'says'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunDefect',
        required: ['key', 'name', 'looks', 'picture', 'when', 'remedies'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'looks', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'picture', type: 'string'),
            new OA\Property(property: 'when', type: 'string'),
            new OA\Property(property: 'remedies', type: 'array', items: new OA\Items(ref: '#/components/schemas/RunRemedy')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunEventBody',
        required: [],
        type: 'object',
        properties: [
            new OA\Property(property: 'step', type: 'string'),
            new OA\Property(property: 'answer', type: 'string'),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'text', type: 'string'),
            new OA\Property(property: 'defect', type: 'string'),
            new OA\Property(property: 'remedy', type: 'string'),
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'minutes', type: 'number'),
            new OA\Property(property: 'ml', type: 'number'),
            new OA\Property(property: 'temperatureC', type: 'number'),
            new OA\Property(property: 'humidityPercent', type: 'number'),
            new OA\Property(property: 'airMPerS', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunEvent',
        required: ['key', 'kind', 'device', 'seq', 'occurredMs', 'by', 'body'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'device', type: 'string'),
            new OA\Property(property: 'seq', type: 'integer'),
            new OA\Property(property: 'occurredMs', type: 'integer', format: 'int64'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'body', ref: '#/components/schemas/RunEventBody'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunEventSent',
        required: ['key', 'kind', 'seq', 'occurredMs'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'seq', type: 'integer'),
            new OA\Property(property: 'occurredMs', type: 'integer', format: 'int64'),
            new OA\Property(property: 'body', ref: '#/components/schemas/RunEventBody'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunEvents',
        required: ['device', 'clockMs', 'events'],
        type: 'object',
        properties: [
            new OA\Property(property: 'device', type: 'string'),
            new OA\Property(property: 'clockMs', type: 'integer', format: 'int64'),
            new OA\Property(property: 'events', type: 'array', items: new OA\Items(ref: '#/components/schemas/RunEventSent')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Run',
        required: [
            'id',
            'job',
            'jobVersion',
            'by',
            'begunAt',
            'finishedAt',
            'run',
            'label',
            'plate',
            'colour',
            'system',
            'painter',
            'practice',
            'drawing',
            'always',
            'defects',
            'events',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'job', type: 'string'),
            new OA\Property(property: 'jobVersion', type: 'integer'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'begunAt', type: 'string'),
            new OA\Property(property: 'finishedAt', type: 'string', nullable: true),
            new OA\Property(property: 'run', ref: '#/components/schemas/RunPlan'),
            new OA\Property(property: 'label', type: 'string'),
            new OA\Property(property: 'plate', type: 'string'),
            new OA\Property(property: 'colour', type: 'string'),
            new OA\Property(property: 'system', type: 'string'),
            new OA\Property(property: 'painter', type: 'string'),
            new OA\Property(property: 'practice', type: 'boolean'),
            new OA\Property(property: 'drawing', ref: '#/components/schemas/RunDrawing'),
            new OA\Property(property: 'always', type: 'string'),
            new OA\Property(property: 'defects', type: 'array', items: new OA\Items(ref: '#/components/schemas/RunDefect')),
            new OA\Property(property: 'events', type: 'array', items: new OA\Items(ref: '#/components/schemas/RunEvent')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Climate',
        required: ['temperatureC', 'humidityPercent', 'airMPerS', 'simulated'],
        type: 'object',
        properties: [
            new OA\Property(property: 'temperatureC', type: 'number'),
            new OA\Property(property: 'humidityPercent', type: 'number'),
            new OA\Property(property: 'airMPerS', type: 'number'),
            new OA\Property(property: 'simulated', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ClimateHand',
        required: ['does'],
        type: 'object',
        properties: [
            new OA\Property(property: 'does', type: 'string', enum: ['door', 'cool', 'right']),
            new OA\Property(property: 'at', type: 'integer', format: 'int64'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ClimateReading',
        required: ['temperatureC', 'humidityPercent'],
        type: 'object',
        properties: [
            new OA\Property(property: 'temperatureC', type: 'number'),
            new OA\Property(property: 'humidityPercent', type: 'number'),
            new OA\Property(property: 'airMPerS', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunRecordLine',
        required: [
            'step',
            'kind',
            'name',
            'cup',
            'reach',
            'put',
            'waitPlanned',
            'waited',
            'minutesPlanned',
            'minutes',
            'begunMs',
            'doneMs',
            'by',
            'answer',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'step', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'name', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Phrase')]),
            new OA\Property(property: 'cup', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/RunCup')]),
            new OA\Property(property: 'reach', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'put', type: 'boolean'),
            new OA\Property(property: 'waitPlanned', type: 'number', nullable: true),
            new OA\Property(property: 'waited', type: 'number', nullable: true),
            new OA\Property(property: 'minutesPlanned', type: 'number'),
            new OA\Property(property: 'minutes', type: 'number', nullable: true),
            new OA\Property(property: 'begunMs', type: 'integer', format: 'int64', nullable: true),
            new OA\Property(property: 'doneMs', type: 'integer', format: 'int64', nullable: true),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'answer', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunTold',
        required: ['ms', 'kind', 'by', 'step', 'body'],
        type: 'object',
        properties: [
            new OA\Property(property: 'ms', type: 'integer', format: 'int64'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'step', type: 'string'),
            new OA\Property(property: 'body', ref: '#/components/schemas/RunEventBody'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunRecordClimate',
        required: ['planned', 'readings', 'temperatureC', 'humidityPercent', 'airMPerS'],
        type: 'object',
        properties: [
            new OA\Property(property: 'planned', ref: '#/components/schemas/RunAir'),
            new OA\Property(property: 'readings', type: 'integer'),
            new OA\Property(property: 'temperatureC', type: 'array', items: new OA\Items(type: 'number'), nullable: true),
            new OA\Property(property: 'humidityPercent', type: 'array', items: new OA\Items(type: 'number'), nullable: true),
            new OA\Property(property: 'airMPerS', type: 'array', items: new OA\Items(type: 'number'), nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RunRecord',
        required: [
            'id',
            'job',
            'jobVersion',
            'label',
            'plate',
            'colour',
            'system',
            'by',
            'defects',
            'lines',
            'told',
            'climate',
            'begunMs',
            'finished',
            'minutes',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'job', type: 'string'),
            new OA\Property(property: 'jobVersion', type: 'integer'),
            new OA\Property(property: 'label', type: 'string'),
            new OA\Property(property: 'plate', type: 'string'),
            new OA\Property(property: 'colour', type: 'string'),
            new OA\Property(property: 'system', type: 'string'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'defects', type: 'array', items: new OA\Items(ref: '#/components/schemas/RunDefect')),
            new OA\Property(property: 'lines', type: 'array', items: new OA\Items(ref: '#/components/schemas/RunRecordLine')),
            new OA\Property(property: 'told', type: 'array', items: new OA\Items(ref: '#/components/schemas/RunTold')),
            new OA\Property(property: 'climate', ref: '#/components/schemas/RunRecordClimate'),
            new OA\Property(property: 'begunMs', type: 'integer', format: 'int64', nullable: true),
            new OA\Property(property: 'finished', type: 'boolean'),
            new OA\Property(property: 'minutes', type: 'number', nullable: true),
        ],
    ),
]
/** Shapes of a run in the booth. */
final class RunSchemas {}
