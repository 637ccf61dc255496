<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'PracticeSkill',
        required: ['skill', 'words', 'streak', 'tries', 'best'],
        type: 'object',
        properties: [
            new OA\Property(property: 'skill', type: 'string'),
            new OA\Property(property: 'words', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'streak', type: 'integer'),
            new OA\Property(property: 'tries', type: 'integer'),
            new OA\Property(property: 'best', type: 'integer', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeRung',
        required: ['key', 'skill', 'level', 'title', 'spray', 'own', 'tries', 'best'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'skill', type: 'string'),
            new OA\Property(property: 'level', type: 'integer'),
            new OA\Property(property: 'title', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'spray', type: 'boolean'),
            new OA\Property(property: 'own', type: 'boolean'),
            new OA\Property(property: 'tries', type: 'integer'),
            new OA\Property(property: 'best', type: 'integer', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeLadder',
        required: ['good', 'skills', 'scenarios'],
        type: 'object',
        properties: [
            new OA\Property(property: 'good', type: 'integer'),
            new OA\Property(property: 'skills', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeSkill')),
            new OA\Property(property: 'scenarios', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeRung')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticePerson',
        required: ['name', 'tries', 'last', 'skills'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'tries', type: 'integer'),
            new OA\Property(property: 'last', type: 'string', nullable: true),
            new OA\Property(property: 'skills', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeSkill')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeHeld',
        required: ['angle', 'car', 'card'],
        type: 'object',
        properties: [
            new OA\Property(property: 'angle', type: 'integer'),
            new OA\Property(property: 'car', type: 'string'),
            new OA\Property(property: 'card', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeOption',
        required: ['key', 'text', 'held'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'text', ref: '#/components/schemas/Phrase'),
            new OA\Property(
                property: 'held',
                nullable: true,
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/PracticeHeld'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeAsk',
        required: ['key', 'text', 'asLength', 'options'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'text', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'asLength', type: 'boolean'),
            new OA\Property(property: 'options', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeOption')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticePanel',
        required: ['widthMm', 'heightMm', 'distanceMm', 'overlapPercent', 'fanShare', 'mmPerS'],
        type: 'object',
        properties: [
            new OA\Property(property: 'widthMm', type: 'number'),
            new OA\Property(property: 'heightMm', type: 'number'),
            new OA\Property(property: 'distanceMm', type: 'number'),
            new OA\Property(property: 'overlapPercent', type: 'number'),
            new OA\Property(property: 'fanShare', type: 'number', description: 'width of the fan beside the distance'),
            new OA\Property(property: 'mmPerS', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeTold',
        required: ['key', 'skill', 'skillWords', 'level', 'title', 'brief', 'facts', 'asks', 'spray'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'skill', type: 'string'),
            new OA\Property(property: 'skillWords', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'level', type: 'integer'),
            new OA\Property(property: 'title', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'brief', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'facts', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'asks', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeAsk')),
            new OA\Property(property: 'spray', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/PracticePanel')]),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeHand',
        required: ['mmPerS', 'rightMmPerS', 'overlap', 'sheetOverlap', 'distance', 'sheetDistance', 'mean', 'least', 'most', 'strokes', 'film', 'remarks'],
        type: 'object',
        properties: [
            new OA\Property(property: 'mmPerS', type: 'number'),
            new OA\Property(property: 'rightMmPerS', type: 'number'),
            new OA\Property(property: 'overlap', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'sheetOverlap', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'distance', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'sheetDistance', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'mean', type: 'number'),
            new OA\Property(property: 'least', type: 'number'),
            new OA\Property(property: 'most', type: 'number'),
            new OA\Property(property: 'strokes', type: 'integer'),
            new OA\Property(
                property: 'film',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
            new OA\Property(property: 'remarks', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeByNumbers',
        required: ['mmPerS', 'overlapPercent', 'distanceMm'],
        type: 'object',
        properties: [
            new OA\Property(property: 'mmPerS', type: 'number'),
            new OA\Property(property: 'overlapPercent', type: 'number'),
            new OA\Property(property: 'distanceMm', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticePart',
        required: ['part', 'words', 'index'],
        type: 'object',
        properties: [
            new OA\Property(property: 'part', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'index', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeCoat',
        required: ['name', 'um'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'um', type: 'array', items: new OA\Items(type: 'number')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeView',
        required: ['angle', 'standing', 'car', 'hex'],
        type: 'object',
        properties: [
            new OA\Property(property: 'angle', type: 'integer'),
            new OA\Property(property: 'standing', type: 'string'),
            new OA\Property(property: 'car', type: 'string'),
            new OA\Property(property: 'hex', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticePicture',
        required: ['spotMm', 'roomMm', 'reachMm', 'mm', 'coats', 'views'],
        type: 'object',
        properties: [
            new OA\Property(property: 'spotMm', type: 'number'),
            new OA\Property(property: 'roomMm', type: 'number', nullable: true),
            new OA\Property(property: 'reachMm', type: 'number', nullable: true),
            new OA\Property(property: 'mm', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'coats', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeCoat')),
            new OA\Property(property: 'views', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeView')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeChoice',
        required: ['ask', 'option', 'text', 'same'],
        type: 'object',
        properties: [
            new OA\Property(property: 'ask', type: 'string'),
            new OA\Property(property: 'option', type: 'string'),
            new OA\Property(property: 'text', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'same', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeBest',
        required: ['choices', 'index', 'minutes', 'ml'],
        type: 'object',
        properties: [
            new OA\Property(property: 'choices', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeChoice')),
            new OA\Property(property: 'index', type: 'number'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'ml', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeSingle',
        required: ['ask', 'option', 'text', 'index', 'minutes'],
        type: 'object',
        properties: [
            new OA\Property(property: 'ask', type: 'string'),
            new OA\Property(property: 'option', type: 'string'),
            new OA\Property(property: 'text', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'index', type: 'number'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeSprayed',
        required: ['seen', 'index', 'says', 'parts', 'minutes', 'ml', 'picture'],
        type: 'object',
        properties: [
            new OA\Property(property: 'seen', type: 'boolean'),
            new OA\Property(property: 'index', type: 'number'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'parts', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticePart')),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'ml', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'picture', ref: '#/components/schemas/PracticePicture'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeMarked',
        required: ['score', 'seen', 'index', 'says', 'parts', 'minutes', 'ml', 'hand', 'truth', 'picture', 'best', 'single'],
        type: 'object',
        properties: [
            new OA\Property(property: 'score', type: 'integer'),
            new OA\Property(property: 'seen', type: 'boolean'),
            new OA\Property(property: 'index', type: 'number'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'parts', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticePart')),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'ml', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'hand', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/PracticeHand')]),
            new OA\Property(property: 'truth', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'picture', ref: '#/components/schemas/PracticePicture'),
            new OA\Property(property: 'best', ref: '#/components/schemas/PracticeBest'),
            new OA\Property(property: 'single', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeSingle')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeHandWish',
        required: [],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'path',
                type: 'array',
                description: 'places of the gun: ms, mm across, mm down, mm from the panel',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
            new OA\Property(property: 'hand', ref: '#/components/schemas/PracticeByNumbers'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeTryWish',
        required: ['key', 'choices'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string', format: 'uuid'),
            new OA\Property(
                property: 'choices',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
            ),
            new OA\Property(
                property: 'path',
                type: 'array',
                description: 'places of the gun: ms, mm across, mm down, mm from the panel',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
            new OA\Property(property: 'hand', ref: '#/components/schemas/PracticeByNumbers'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PracticeSetUp',
        required: ['finish', 'system', 'school', 'reducer', 'temperatureC', 'humidityPercent', 'shade', 'spotMm', 'blendMm'],
        type: 'object',
        properties: [
            new OA\Property(property: 'finish', type: 'string'),
            new OA\Property(property: 'system', type: 'string'),
            new OA\Property(property: 'school', type: 'string'),
            new OA\Property(property: 'reducer', type: 'string'),
            new OA\Property(property: 'temperatureC', type: 'number'),
            new OA\Property(property: 'humidityPercent', type: 'number'),
            new OA\Property(property: 'shade', type: 'integer'),
            new OA\Property(property: 'spotMm', type: 'number'),
            new OA\Property(property: 'roomMm', type: 'number'),
            new OA\Property(property: 'blendMm', type: 'number'),
            new OA\Property(property: 'ratio', type: 'string'),
            new OA\Property(property: 'off', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'flop', type: 'number'),
            new OA\Property(property: 'bed', type: 'string'),
            new OA\Property(property: 'hurried', type: 'boolean'),
            new OA\Property(property: 'film', type: 'number'),
            new OA\Property(property: 'furtherMm', type: 'number'),
            new OA\Property(property: 'barMore', type: 'number'),
            new OA\Property(property: 'overlapMore', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DefectLook',
        required: ['key', 'form', 'car', 'hex', 'sizeMm', 'acrossMm'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'form', type: 'string', enum: ['round', 'rows', 'clouds']),
            new OA\Property(property: 'car', type: 'string'),
            new OA\Property(property: 'hex', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'sizeMm', type: 'number'),
            new OA\Property(property: 'acrossMm', type: 'number'),
        ],
    ),
]
/** Shapes of the practice bay. */
final class PracticeSchemas {}
