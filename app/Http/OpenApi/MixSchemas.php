<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'CupWish',
        type: 'object',
        properties: [
            new OA\Property(property: 'vessel', description: 'ml', type: 'string', nullable: true),
            new OA\Property(property: 'onHandMl', type: 'number', nullable: true),
            new OA\Property(property: 'leftMl', type: 'number', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ReductionAsked',
        required: ['document', 'coat'],
        type: 'object',
        properties: [
            new OA\Property(property: 'document', ref: '#/components/schemas/JobDocument'),
            new OA\Property(property: 'coat', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ReductionNow',
        required: ['mixture', 'hides', 'coats', 'wet', 'dry', 'wetness', 'flash', 'viscosity', 'voc', 'pop', 'popWords', 'mottle', 'index', 'seen', 'says'],
        type: 'object',
        properties: [
            new OA\Property(property: 'mixture', type: 'string'),
            new OA\Property(property: 'hides', type: 'boolean'),
            new OA\Property(property: 'coats', type: 'number', nullable: true),
            new OA\Property(property: 'wet', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'dry', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'wetness', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'flash', ref: '#/components/schemas/Quantity'),
            new OA\Property(
                property: 'viscosity',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/CupViscosity')],
            ),
            new OA\Property(property: 'voc', type: 'number'),
            new OA\Property(property: 'pop', type: 'string', enum: ['low', 'raised', 'high']),
            new OA\Property(property: 'popWords', type: 'string'),
            new OA\Property(property: 'mottle', type: 'number'),
            new OA\Property(property: 'index', type: 'number'),
            new OA\Property(property: 'seen', type: 'boolean'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ReductionWay',
        required: ['key', 'words', 'purpose', 'reducer', 'blendingClear', 'percent', 'against', 'chosen', 'mixture', 'hides', 'coats', 'wet', 'dry', 'wetness', 'flash', 'viscosity', 'voc', 'pop', 'popWords'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'purpose', type: 'string'),
            new OA\Property(property: 'reducer', type: 'number'),
            new OA\Property(property: 'blendingClear', type: 'number'),
            new OA\Property(property: 'percent', type: 'number', nullable: true),
            new OA\Property(property: 'against', type: 'integer', nullable: true),
            new OA\Property(property: 'chosen', type: 'boolean'),
            new OA\Property(property: 'mixture', type: 'string'),
            new OA\Property(property: 'hides', type: 'boolean'),
            new OA\Property(property: 'coats', type: 'number', nullable: true),
            new OA\Property(property: 'wet', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'dry', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'wetness', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'flash', ref: '#/components/schemas/Quantity'),
            new OA\Property(
                property: 'viscosity',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/CupViscosity')],
            ),
            new OA\Property(property: 'voc', type: 'number'),
            new OA\Property(property: 'pop', type: 'string', enum: ['low', 'raised', 'high']),
            new OA\Property(property: 'popWords', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'VocLaw',
        required: ['key', 'words', 'category', 'limit', 'has', 'within'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'category', type: 'string'),
            new OA\Property(property: 'limit', type: 'number'),
            new OA\Property(property: 'has', type: 'number'),
            new OA\Property(property: 'within', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Reduction',
        required: ['cup', 'coats', 'window', 'sheetPercent', 'wholePercent', 'percent', 'least', 'most', 'against', 'reason', 'now', 'strategies', 'voc'],
        type: 'object',
        properties: [
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'coats', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'window', type: 'array', items: new OA\Items(type: 'number'), nullable: true),
            new OA\Property(property: 'sheetPercent', type: 'number', nullable: true),
            new OA\Property(property: 'wholePercent', type: 'number', nullable: true),
            new OA\Property(property: 'percent', type: 'number', nullable: true),
            new OA\Property(property: 'least', type: 'number'),
            new OA\Property(property: 'most', type: 'number'),
            new OA\Property(property: 'against', type: 'integer', nullable: true),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'now', ref: '#/components/schemas/ReductionNow'),
            new OA\Property(property: 'strategies', type: 'array', items: new OA\Items(ref: '#/components/schemas/ReductionWay')),
            new OA\Property(property: 'voc', type: 'array', items: new OA\Items(ref: '#/components/schemas/VocLaw')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'HardenerChoice',
        required: ['advised', 'words', 'second', 'turns', 'holds', 'open', 'round'],
        type: 'object',
        properties: [
            new OA\Property(property: 'advised', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'second', type: 'string'),
            new OA\Property(property: 'turns', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'holds', type: 'boolean'),
            new OA\Property(property: 'open', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'round', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BinderAir',
        required: ['movement', 'words', 'minutes'],
        type: 'object',
        properties: [
            new OA\Property(property: 'movement', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(
                property: 'minutes',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BinderChoice',
        required: ['system', 'name', 'carrier', 'own', 'minutes', 'air', 'says'],
        type: 'object',
        properties: [
            new OA\Property(property: 'system', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'carrier', type: 'string', enum: ['solvent', 'waterborne']),
            new OA\Property(property: 'own', type: 'boolean'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'air', type: 'array', items: new OA\Items(ref: '#/components/schemas/BinderAir')),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ClearChoice',
        required: ['grade', 'name', 'words', 'suits', 'own', 'build', 'minutes', 'polish', 'paint', 'cost'],
        type: 'object',
        properties: [
            new OA\Property(property: 'grade', type: 'string', enum: ['production', 'premium']),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'suits', type: 'string'),
            new OA\Property(property: 'own', type: 'boolean'),
            new OA\Property(property: 'build', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(
                property: 'polish',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')],
            ),
            new OA\Property(property: 'paint', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'cost', type: 'number', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GunCup',
        required: ['cup', 'name'],
        type: 'object',
        properties: [
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GunsReady',
        required: ['first', 'second', 'when'],
        type: 'object',
        properties: [
            new OA\Property(property: 'first', ref: '#/components/schemas/GunCup'),
            new OA\Property(property: 'second', ref: '#/components/schemas/GunCup'),
            new OA\Property(property: 'when', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MixChoices',
        required: ['hardener', 'binders', 'clears', 'guns'],
        type: 'object',
        properties: [
            new OA\Property(property: 'hardener', ref: '#/components/schemas/HardenerChoice'),
            new OA\Property(property: 'binders', type: 'array', items: new OA\Items(ref: '#/components/schemas/BinderChoice')),
            new OA\Property(property: 'clears', type: 'array', items: new OA\Items(ref: '#/components/schemas/ClearChoice')),
            new OA\Property(property: 'guns', type: 'array', items: new OA\Items(ref: '#/components/schemas/GunsReady')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FormulaAsked',
        required: ['cup'],
        type: 'object',
        properties: [
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'cardsMl', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FormulaRow',
        required: ['key', 'name', 'grams', 'cumulativeGrams', 'weighable', 'drops'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'cumulativeGrams', type: 'number'),
            new OA\Property(property: 'weighable', type: 'boolean'),
            new OA\Property(property: 'drops', type: 'number', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FormulaStep',
        required: ['number', 'note'],
        type: 'object',
        properties: [
            new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'note', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FormulaForCup',
        required: ['grams', 'rows', 'scaleError', 'leastG', 'leastBatchG', 'tooLittle', 'number', 'steps'],
        type: 'object',
        properties: [
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'rows', type: 'array', items: new OA\Items(ref: '#/components/schemas/FormulaRow')),
            new OA\Property(property: 'scaleError', type: 'number', nullable: true),
            new OA\Property(property: 'leastG', type: 'number'),
            new OA\Property(property: 'leastBatchG', type: 'number'),
            new OA\Property(property: 'tooLittle', type: 'boolean'),
            new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/FormulaStep')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ViscosityWindow',
        required: ['cup', 'seconds'],
        type: 'object',
        properties: [
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'seconds', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'celsius', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ViscosityAsked',
        description: 'A flow cup and its seconds, or what runs off the stick',
        required: ['celsius'],
        type: 'object',
        properties: [
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'seconds', type: 'number'),
            new OA\Property(property: 'stick', type: 'string'),
            new OA\Property(property: 'celsius', type: 'number'),
            new OA\Property(property: 'window', ref: '#/components/schemas/ViscosityWindow'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CupSeconds',
        required: ['key', 'words', 'standard', 'seconds', 'holds'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'standard', type: 'string'),
            new OA\Property(property: 'seconds', type: 'number'),
            new OA\Property(property: 'holds', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ViscosityRead',
        required: ['mm2PerS', 'low', 'high', 'rough', 'holds', 'atCelsius', 'corrected', 'cups', 'fits', 'says'],
        type: 'object',
        properties: [
            new OA\Property(property: 'mm2PerS', type: 'number'),
            new OA\Property(property: 'low', type: 'number'),
            new OA\Property(property: 'high', type: 'number'),
            new OA\Property(property: 'rough', type: 'boolean'),
            new OA\Property(property: 'holds', type: 'boolean'),
            new OA\Property(property: 'atCelsius', type: 'number'),
            new OA\Property(property: 'corrected', type: 'number'),
            new OA\Property(property: 'cups', type: 'array', items: new OA\Items(ref: '#/components/schemas/CupSeconds')),
            new OA\Property(property: 'fits', type: 'integer', nullable: true),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MixPortion',
        required: ['name', 'kind', 'grams', 'poured', 'cumulative', 'tolerance', 'drops', 'state'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string', nullable: true),
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'poured', type: 'number'),
            new OA\Property(property: 'cumulative', type: 'number'),
            new OA\Property(property: 'tolerance', type: 'number'),
            new OA\Property(property: 'drops', type: 'integer', nullable: true),
            new OA\Property(property: 'state', type: 'string', enum: ['waits', 'now', 'done', 'over']),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MixEventRow',
        required: ['kind', 'grams', 'typed', 'by', 'at'],
        type: 'object',
        properties: [
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'grams', type: 'number', nullable: true),
            new OA\Property(property: 'typed', type: 'boolean'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'at', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MixOver',
        required: ['name', 'by', 'times', 'canRecover', 'addsG', 'vessel'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'by', type: 'number'),
            new OA\Property(property: 'times', type: 'number'),
            new OA\Property(property: 'canRecover', type: 'boolean'),
            new OA\Property(property: 'addsG', type: 'number'),
            new OA\Property(property: 'vessel', type: 'string', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Mix',
        required: ['id', 'cup', 'kind', 'name', 'batch', 'colour', 'code', 'formula', 'system', 'product', 'mixture', 'of', 'vessel', 'readabilityG', 'portions', 'current', 'targetG', 'sum', 'times', 'over', 'done', 'by', 'at', 'finishedAt', 'discardedAt', 'potLifeUntil', 'roomC', 'humidity', 'jobVersion', 'events', 'frame', 'simulated'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'kind', type: 'string', enum: ['cup', 'formula']),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'batch', type: 'string'),
            new OA\Property(property: 'colour', type: 'string'),
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'formula', type: 'integer', nullable: true),
            new OA\Property(property: 'system', type: 'string'),
            new OA\Property(property: 'product', type: 'string'),
            new OA\Property(property: 'mixture', type: 'string'),
            new OA\Property(property: 'of', type: 'integer'),
            new OA\Property(property: 'vessel', type: 'string'),
            new OA\Property(property: 'readabilityG', type: 'number'),
            new OA\Property(property: 'portions', type: 'array', items: new OA\Items(ref: '#/components/schemas/MixPortion')),
            new OA\Property(property: 'current', type: 'integer', nullable: true),
            new OA\Property(property: 'targetG', type: 'number'),
            new OA\Property(property: 'sum', type: 'number'),
            new OA\Property(property: 'times', type: 'number'),
            new OA\Property(
                property: 'over',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/MixOver')],
            ),
            new OA\Property(property: 'done', type: 'boolean'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'at', type: 'string'),
            new OA\Property(property: 'finishedAt', type: 'string', nullable: true),
            new OA\Property(property: 'discardedAt', type: 'string', nullable: true),
            new OA\Property(property: 'potLifeUntil', type: 'string', nullable: true),
            new OA\Property(property: 'roomC', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'humidity', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'jobVersion', type: 'integer'),
            new OA\Property(property: 'events', type: 'array', items: new OA\Items(ref: '#/components/schemas/MixEventRow')),
            new OA\Property(
                property: 'frame',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/ScaleFrame')],
            ),
            new OA\Property(property: 'simulated', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MixBegun',
        required: ['id', 'cup', 'kind'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'kind', type: 'string', enum: ['cup', 'formula']),
            new OA\Property(property: 'batch', type: 'string'),
            new OA\Property(property: 'cardsMl', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MixDone',
        required: ['key'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'grams', type: 'number', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ScaleHand',
        required: ['does'],
        type: 'object',
        properties: [
            new OA\Property(property: 'does', type: 'string', enum: ['pour', 'trickle', 'stop', 'drop', 'silent', 'jump', 'cup-off', 'right']),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ScaleReading',
        required: ['grams'],
        type: 'object',
        properties: [
            new OA\Property(property: 'grams', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ScaleKind',
        required: ['readabilityG'],
        type: 'object',
        properties: [
            new OA\Property(property: 'readabilityG', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ScaleFrame',
        required: ['grams', 'state', 'words', 'toGo', 'share', 'advice', 'near', 'canTake'],
        type: 'object',
        properties: [
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'state', type: 'string', enum: ['steady', 'moving', 'silent', 'jumps', 'cup-off']),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'toGo', type: 'number'),
            new OA\Property(property: 'share', type: 'number'),
            new OA\Property(property: 'advice', type: 'string', enum: ['pour', 'near', 'stop', 'over', 'done']),
            new OA\Property(property: 'near', type: 'number'),
            new OA\Property(property: 'canTake', type: 'boolean'),
        ],
    ),
]
final class MixSchemas {}
