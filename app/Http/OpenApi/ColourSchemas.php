<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** The colour desk: samples, readings, comparisons and the gate. */
#[
    OA\Schema(
        schema: 'Choice',
        required: ['key', 'name'],
        type: 'object',
        properties: [new OA\Property(property: 'key', type: 'string'), new OA\Property(property: 'name', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'LightChoice',
        required: ['key', 'name', 'lamp'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'lamp', description: 'the shop\'s own for it', type: 'string', nullable: true),
        ],
    ),
]
#[OA\Schema(schema: 'LabValues', type: 'array', items: new OA\Items(type: 'number'), minItems: 3, maxItems: 3)]
#[
    OA\Schema(
        schema: 'AngleColour',
        required: ['angle', 'place', 'lab', 'hex'],
        type: 'object',
        properties: [
            new OA\Property(property: 'angle', type: 'integer'),
            new OA\Property(property: 'place', type: 'string'),
            new OA\Property(property: 'lab', ref: '#/components/schemas/LabValues'),
            new OA\Property(property: 'hex', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'AngleDifference',
        required: ['angle', 'dL', 'dC', 'dH', 'da', 'db', 'dE'],
        type: 'object',
        properties: [
            new OA\Property(property: 'angle', type: 'integer'),
            new OA\Property(property: 'dL', type: 'number'),
            new OA\Property(property: 'dC', type: 'number'),
            new OA\Property(property: 'dH', type: 'number'),
            new OA\Property(property: 'da', type: 'number'),
            new OA\Property(property: 'db', type: 'number'),
            new OA\Property(property: 'dE', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'AngleShift',
        required: ['angle', 'dL', 'da', 'db'],
        type: 'object',
        properties: [
            new OA\Property(property: 'angle', type: 'integer'),
            new OA\Property(property: 'dL', type: 'number'),
            new OA\Property(property: 'da', type: 'number'),
            new OA\Property(property: 'db', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SampleReading',
        required: [
            'geometry',
            'geometryWords',
            'viewing',
            'spectral',
            'shots',
            'spots',
            'outliers',
            'spread',
            'instruments',
            'flopIndex',
            'angles',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'geometry', type: 'string'),
            new OA\Property(property: 'geometryWords', type: 'string'),
            new OA\Property(property: 'viewing', type: 'string'),
            new OA\Property(property: 'spectral', type: 'boolean'),
            new OA\Property(property: 'shots', type: 'integer'),
            new OA\Property(property: 'spots', type: 'integer'),
            new OA\Property(property: 'outliers', type: 'integer'),
            new OA\Property(property: 'spread', type: 'number'),
            new OA\Property(property: 'instruments', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'flopIndex', type: 'number', nullable: true),
            new OA\Property(
                property: 'angles',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/AngleColour'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SampleComparison',
        required: ['angles', 'overall', 'worst', 'flop', 'sentence', 'inLampLight'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'angles',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/AngleDifference'),
            ),
            new OA\Property(property: 'overall', type: 'number'),
            new OA\Property(property: 'worst', ref: '#/components/schemas/AngleDifference'),
            new OA\Property(property: 'flop', type: 'number', nullable: true),
            new OA\Property(property: 'sentence', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'inLampLight', type: 'number', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CardVerdict',
        required: ['grade', 'words', 'says', 'need', 'gapIndex'],
        type: 'object',
        properties: [
            new OA\Property(property: 'grade', type: 'string', enum: ['butt', 'blendable', 'not-yet']),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'need', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Figure')]),
            new OA\Property(property: 'gapIndex', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SprayDifference',
        required: ['field', 'says'],
        type: 'object',
        properties: [
            new OA\Property(property: 'field', type: 'string'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'AgainstPlan',
        required: ['differences', 'shift', 'says'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'differences',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/SprayDifference'),
            ),
            new OA\Property(property: 'shift', type: 'array', items: new OA\Items(ref: '#/components/schemas/AngleShift')),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Gate',
        required: ['open', 'wantsReason', 'stops', 'questions', 'notes', 'byEye', 'simulated'],
        type: 'object',
        properties: [
            new OA\Property(property: 'open', type: 'boolean'),
            new OA\Property(property: 'wantsReason', type: 'boolean'),
            new OA\Property(property: 'stops', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'questions', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'notes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'byEye', description: 'nothing was read: what people saw decides', type: 'boolean'),
            new OA\Property(property: 'simulated', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Spraying',
        required: [
            'fullCoats',
            'halfCoats',
            'controlCoat',
            'ratio',
            'reducer',
            'bar',
            'distanceMm',
            'overlapPercent',
            'clear',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'fullCoats', type: 'integer'),
            new OA\Property(property: 'halfCoats', type: 'integer'),
            new OA\Property(property: 'controlCoat', type: 'boolean'),
            new OA\Property(property: 'ratio', type: 'string'),
            new OA\Property(property: 'reducer', description: 'a grade, or standard+30: 30 % of the next slower', type: 'string'),
            new OA\Property(property: 'bar', type: 'number'),
            new OA\Property(property: 'distanceMm', type: 'number'),
            new OA\Property(property: 'overlapPercent', type: 'number'),
            new OA\Property(property: 'clear', type: 'string', enum: ['clear', 'wet-wipe', 'nothing']),
            new OA\Property(property: 'undercoatShade', type: 'integer', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TonerGrams',
        required: ['key', 'name', 'grams'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'grams', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CardFormula',
        required: ['number', 'toners', 'layer', 'totalGrams'],
        type: 'object',
        properties: [
            new OA\Property(property: 'number', type: 'integer', nullable: true),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'toners', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
            new OA\Property(property: 'layer', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
            new OA\Property(property: 'totalGrams', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'EyeCheck',
        required: ['light', 'from', 'verdict', 'by', 'at'],
        type: 'object',
        properties: [
            new OA\Property(property: 'light', type: 'string'),
            new OA\Property(property: 'from', type: 'string'),
            new OA\Property(property: 'verdict', type: 'string'),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Prediction',
        required: ['overall', 'sentence'],
        type: 'object',
        properties: [
            new OA\Property(property: 'overall', type: 'number'),
            new OA\Property(property: 'sentence', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ColourSample',
        required: [
            'id',
            'number',
            'kind',
            'name',
            'struck',
            'by',
            'at',
            'spraying',
            'sprayedAt',
            'dried',
            'note',
            'letDownCoats',
            'sources',
            'simulated',
            'formula',
            'eyes',
            'reading',
            'questions',
            'comparison',
            'verdict',
            'against',
            'prediction',
            'gate',
            'place',
            'why',
            'clearlyOff',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'kind', type: 'string', enum: ['car', 'card', 'variant']),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'struck', type: 'boolean'),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string'),
            new OA\Property(
                property: 'spraying',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/Spraying')],
            ),
            new OA\Property(property: 'sprayedAt', type: 'string', nullable: true),
            new OA\Property(property: 'dried', type: 'string', nullable: true),
            new OA\Property(property: 'note', type: 'string', nullable: true),
            new OA\Property(property: 'letDownCoats', type: 'number', nullable: true),
            new OA\Property(property: 'sources', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'simulated', type: 'boolean'),
            new OA\Property(
                property: 'formula',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/CardFormula')],
            ),
            new OA\Property(property: 'eyes', type: 'array', items: new OA\Items(ref: '#/components/schemas/EyeCheck')),
            new OA\Property(
                property: 'reading',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/SampleReading')],
            ),
            new OA\Property(property: 'questions', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(
                property: 'comparison',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/SampleComparison')],
            ),
            new OA\Property(
                property: 'verdict',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/CardVerdict')],
            ),
            new OA\Property(
                property: 'against',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/AgainstPlan')],
            ),
            new OA\Property(
                property: 'prediction',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/Prediction')],
            ),
            new OA\Property(property: 'gate', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Gate')]),
            new OA\Property(property: 'place', type: 'integer', nullable: true),
            new OA\Property(
                property: 'why',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/Phrase')],
            ),
            new OA\Property(property: 'clearlyOff', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LetDown',
        required: ['coats', 'overall', 'worstAngle', 'worst', 'colour', 'stickerPercent', 'fit', 'verdict', 'says', 'path', 'sequence'],
        type: 'object',
        properties: [
            new OA\Property(property: 'coats', type: 'number'),
            new OA\Property(property: 'overall', type: 'number'),
            new OA\Property(property: 'worstAngle', type: 'integer'),
            new OA\Property(property: 'worst', type: 'number'),
            new OA\Property(
                property: 'colour',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/LabValues'),
            ),
            new OA\Property(property: 'stickerPercent', type: 'number'),
            new OA\Property(
                property: 'sequence',
                description: 'the plan with that many coats',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/CoatStep'),
            ),
            new OA\Property(property: 'fit', type: 'number'),
            new OA\Property(
                property: 'verdict',
                type: 'string',
                enum: ['hit', 'blendable', 'more-coats', 'fewer-coats', 'wrong-ground', 'wrong-tint'],
            ),
            new OA\Property(property: 'says', type: 'string'),
            new OA\Property(
                property: 'path',
                type: 'array',
                items: new OA\Items(
                    required: ['coats', 'overall'],
                    type: 'object',
                    properties: [
                        new OA\Property(property: 'coats', type: 'number'),
                        new OA\Property(property: 'overall', type: 'number'),
                    ],
                ),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GatePassed',
        required: ['kind', 'sample', 'reason', 'by', 'at', 'version', 'byEye', 'simulated'],
        type: 'object',
        properties: [
            new OA\Property(property: 'byEye', type: 'boolean'),
            new OA\Property(property: 'simulated', type: 'boolean'),
            new OA\Property(property: 'kind', type: 'string', enum: ['pass', 'override']),
            new OA\Property(property: 'sample', type: 'string', nullable: true),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string'),
            new OA\Property(property: 'version', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GateFallen',
        required: ['kind', 'sample', 'reason', 'by', 'at', 'version', 'byEye', 'simulated', 'because'],
        type: 'object',
        properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['pass', 'override']),
            new OA\Property(property: 'sample', type: 'string', nullable: true),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string'),
            new OA\Property(property: 'version', type: 'integer'),
            new OA\Property(property: 'byEye', type: 'boolean'),
            new OA\Property(property: 'simulated', type: 'boolean'),
            new OA\Property(property: 'because', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ColourChoices',
        required: ['lights', 'from', 'eyes', 'surfaces', 'faults', 'geometries', 'clear', 'dried', 'reducers', 'toners'],
        type: 'object',
        properties: [
            new OA\Property(property: 'lights', type: 'array', items: new OA\Items(ref: '#/components/schemas/LightChoice')),
            new OA\Property(property: 'from', type: 'array', items: new OA\Items(ref: '#/components/schemas/Choice')),
            new OA\Property(property: 'eyes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Choice')),
            new OA\Property(property: 'surfaces', type: 'array', items: new OA\Items(ref: '#/components/schemas/Choice')),
            new OA\Property(property: 'faults', type: 'array', items: new OA\Items(ref: '#/components/schemas/Choice')),
            new OA\Property(property: 'geometries', type: 'array', items: new OA\Items(ref: '#/components/schemas/Choice')),
            new OA\Property(property: 'clear', type: 'array', items: new OA\Items(ref: '#/components/schemas/Choice')),
            new OA\Property(property: 'dried', type: 'array', items: new OA\Items(ref: '#/components/schemas/Choice')),
            new OA\Property(property: 'reducers', type: 'array', items: new OA\Items(ref: '#/components/schemas/Choice')),
            new OA\Property(property: 'toners', type: 'array', items: new OA\Items(ref: '#/components/schemas/Choice')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FinishRead',
        description: 'what finish the car reads like, where the job says another',
        required: ['finish', 'says'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'finish',
                type: 'string',
                enum: ['solid-dark', 'solid-light', 'metallic-dark', 'metallic-light', 'pearl'],
            ),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ColourDesk',
        required: [
            'version',
            'samples',
            'carId',
            'exposure',
            'note',
            'spraying',
            'formula',
            'letDown',
            'isLetDownColour',
            'hasVariants',
            'looksLike',
            'isEffect',
            'passed',
            'fallen',
            'practice',
            'instruments',
            'choices',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'version', type: 'integer'),
            new OA\Property(
                property: 'samples',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ColourSample'),
            ),
            new OA\Property(property: 'carId', type: 'string', nullable: true),
            new OA\Property(
                property: 'looksLike',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/FinishRead')],
            ),
            new OA\Property(property: 'exposure', type: 'number'),
            new OA\Property(property: 'note', ref: '#/components/schemas/Phrase'),
            new OA\Property(
                property: 'spraying',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/Spraying')],
            ),
            new OA\Property(
                property: 'formula',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/CardFormula')],
            ),
            new OA\Property(
                property: 'letDown',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/LetDown')],
            ),
            new OA\Property(property: 'isLetDownColour', type: 'boolean'),
            new OA\Property(property: 'hasVariants', type: 'boolean'),
            new OA\Property(property: 'isEffect', type: 'boolean'),
            new OA\Property(
                property: 'passed',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/GatePassed')],
            ),
            new OA\Property(
                property: 'fallen',
                description: 'the newest pass, where it was for another plan',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/GateFallen')],
            ),
            new OA\Property(property: 'practice', description: 'may simulated readings pass?', type: 'boolean'),
            new OA\Property(
                property: 'instruments',
                description: 'what the shop reads with',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/InstrumentKind'),
            ),
            new OA\Property(property: 'choices', ref: '#/components/schemas/ColourChoices'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ColourReading',
        required: ['id', 'spot', 'surface', 'source', 'instrument', 'at', 'excluded', 'standsOut', 'away', 'labs', 'angles'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'spot', type: 'string'),
            new OA\Property(property: 'surface', type: 'string'),
            new OA\Property(property: 'source', type: 'string', enum: ['typed', 'instrument', 'file', 'photo', 'simulated']),
            new OA\Property(property: 'instrument', type: 'string'),
            new OA\Property(property: 'at', type: 'string'),
            new OA\Property(property: 'excluded', type: 'boolean'),
            new OA\Property(property: 'standsOut', type: 'boolean'),
            new OA\Property(property: 'away', type: 'number'),
            new OA\Property(property: 'labs', type: 'array', items: new OA\Items(ref: '#/components/schemas/LabValues')),
            new OA\Property(property: 'angles', type: 'array', items: new OA\Items(type: 'integer')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SampleWish',
        description: 'A new one has a name; of one that is there only what changes is sent.',
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string', format: 'uuid'),
            new OA\Property(property: 'kind', type: 'string', enum: ['car', 'card', 'variant']),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'spraying',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/Spraying')],
            ),
            new OA\Property(property: 'sprayedAt', type: 'string', nullable: true),
            new OA\Property(property: 'dried', type: 'string', nullable: true),
            new OA\Property(property: 'note', type: 'string', nullable: true),
            new OA\Property(property: 'letDownCoats', type: 'number', nullable: true),
            new OA\Property(
                property: 'toners',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'number'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TypedReading',
        required: ['geometry', 'viewing', 'labs'],
        type: 'object',
        properties: [
            new OA\Property(property: 'geometry', type: 'string'),
            new OA\Property(property: 'viewing', type: 'string'),
            new OA\Property(
                property: 'labs',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/LabValues'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ReadingsWish',
        required: ['readings'],
        type: 'object',
        properties: [
            new OA\Property(property: 'spot', type: 'string'),
            new OA\Property(property: 'surface', type: 'string'),
            new OA\Property(property: 'instrument', description: 'one of the shop\'s, by its name', type: 'string'),
            new OA\Property(
                property: 'readings',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/TypedReading'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MeasureWish',
        required: ['shots', 'geometry'],
        type: 'object',
        properties: [
            new OA\Property(property: 'spot', type: 'string'),
            new OA\Property(property: 'shots', type: 'integer'),
            new OA\Property(property: 'geometry', type: 'string'),
            new OA\Property(property: 'fault', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'EyeWish',
        required: ['light', 'from', 'verdict'],
        type: 'object',
        properties: [
            new OA\Property(property: 'light', type: 'string'),
            new OA\Property(property: 'from', type: 'string'),
            new OA\Property(property: 'verdict', type: 'string'),
        ],
    ),
]
#[OA\Schema(schema: 'ReasonWish', type: 'object', properties: [new OA\Property(property: 'reason', type: 'string')])]
#[
    OA\Schema(
        schema: 'TintWish',
        type: 'object',
        properties: [new OA\Property(property: 'cupGrams', type: 'number', nullable: true)],
    ),
]
#[
    OA\Schema(
        schema: 'Correction',
        required: ['isRemix', 'pours', 'before', 'after', 'does', 'totalGrams', 'predicted'],
        type: 'object',
        properties: [
            new OA\Property(property: 'isRemix', type: 'boolean'),
            new OA\Property(property: 'pours', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
            new OA\Property(property: 'before', type: 'number'),
            new OA\Property(property: 'after', type: 'number'),
            new OA\Property(property: 'does', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'totalGrams', type: 'number'),
            new OA\Property(
                property: 'predicted',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/AngleColour'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TintAdvice',
        required: ['cupGrams', 'toners', 'corrections', 'says', 'noise', 'source'],
        type: 'object',
        properties: [
            new OA\Property(property: 'cupGrams', type: 'number'),
            new OA\Property(property: 'toners', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
            new OA\Property(
                property: 'corrections',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/Correction'),
            ),
            new OA\Property(property: 'says', type: 'string'),
            new OA\Property(
                property: 'noise',
                description: 'CIEDE2000 the difference of the two readings repeats to',
                type: 'number',
            ),
            new OA\Property(property: 'source', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FileFault',
        required: ['line', 'reason', 'mended'],
        type: 'object',
        properties: [
            new OA\Property(property: 'line', type: 'integer'),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'mended', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FileSample',
        required: ['name', 'kind', 'shots', 'geometry', 'viewing', 'spectral'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'shots', type: 'integer'),
            new OA\Property(property: 'geometry', type: 'string'),
            new OA\Property(property: 'viewing', type: 'string'),
            new OA\Property(property: 'spectral', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ReadingImport',
        required: ['id', 'name', 'format', 'rows', 'leftOut', 'samples', 'faults'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string', nullable: true),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'format', type: 'string', enum: ['csv', 'cgats', 'cxf']),
            new OA\Property(property: 'rows', type: 'integer'),
            new OA\Property(property: 'leftOut', type: 'integer'),
            new OA\Property(
                property: 'samples',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/FileSample'),
            ),
            new OA\Property(property: 'faults', type: 'array', items: new OA\Items(ref: '#/components/schemas/FileFault')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TakeWish',
        required: ['as'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'as',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
            ),
            new OA\Property(property: 'instrument', type: 'string'),
        ],
    ),
]
final class ColourSchemas {}
