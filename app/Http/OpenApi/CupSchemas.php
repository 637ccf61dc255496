<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'CoatAmount',
        required: ['coat', 'name', 'volume'],
        type: 'object',
        properties: [
            new OA\Property(property: 'coat', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'volume', ref: '#/components/schemas/Figure'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Pour',
        required: ['component', 'kind', 'parts', 'ml', 'grams', 'cumulativeMl', 'cumulativeGrams', 'lineMm'],
        type: 'object',
        properties: [
            new OA\Property(property: 'component', type: 'string'),
            new OA\Property(property: 'kind', type: 'string', nullable: true),
            new OA\Property(property: 'parts', type: 'number'),
            new OA\Property(property: 'ml', type: 'number'),
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'cumulativeMl', type: 'number'),
            new OA\Property(property: 'cumulativeGrams', type: 'number'),
            new OA\Property(property: 'lineMm', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Vessel',
        required: ['key', 'ml', 'bottomMm', 'topMm', 'heightMm'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'ml', type: 'number'),
            new OA\Property(property: 'bottomMm', type: 'number'),
            new OA\Property(property: 'topMm', type: 'number'),
            new OA\Property(property: 'heightMm', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'VesselSplit',
        required: ['vessel', 'count'],
        type: 'object',
        properties: [
            new OA\Property(property: 'vessel', type: 'string'),
            new OA\Property(property: 'count', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'OnHand',
        required: ['ml', 'enough', 'coats', 'short'],
        type: 'object',
        properties: [
            new OA\Property(property: 'ml', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'enough', type: 'boolean'),
            new OA\Property(property: 'coats', type: 'number'),
            new OA\Property(property: 'short', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CupViscosity',
        required: ['mm2PerS', 'key', 'cup', 'seconds', 'from', 'to', 'fits'],
        type: 'object',
        properties: [
            new OA\Property(property: 'mm2PerS', type: 'number'),
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'seconds', type: 'number'),
            new OA\Property(property: 'from', type: 'number'),
            new OA\Property(property: 'to', type: 'number'),
            new OA\Property(property: 'atC', type: 'number'),
            new OA\Property(property: 'fits', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Cup',
        required: ['id', 'name', 'product', 'role', 'ratio', 'standardRatio', 'mixture', 'restOf', 'follows', 'total', 'count', 'vessel', 'chosenVessel', 'splits', 'coats', 'pours', 'volumeSolids', 'densityGPerMl', 'reducerPercent', 'wasted', 'forRest', 'left', 'pourOff', 'missing', 'onHand', 'cost', 'potLife', 'viscosity', 'voc'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'product', type: 'string'),
            new OA\Property(property: 'role', type: 'string'),
            new OA\Property(property: 'ratio', type: 'string'),
            new OA\Property(property: 'standardRatio', type: 'string'),
            new OA\Property(property: 'mixture', type: 'string'),
            new OA\Property(property: 'restOf', type: 'string', nullable: true),
            new OA\Property(property: 'follows', type: 'string', nullable: true),
            new OA\Property(property: 'total', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'count', type: 'integer'),
            new OA\Property(property: 'vessel', ref: '#/components/schemas/Vessel'),
            new OA\Property(property: 'chosenVessel', type: 'string', nullable: true),
            new OA\Property(property: 'splits', type: 'array', items: new OA\Items(ref: '#/components/schemas/VesselSplit')),
            new OA\Property(property: 'coats', type: 'array', items: new OA\Items(ref: '#/components/schemas/CoatAmount')),
            new OA\Property(property: 'pours', type: 'array', items: new OA\Items(ref: '#/components/schemas/Pour')),
            new OA\Property(property: 'volumeSolids', type: 'number'),
            new OA\Property(property: 'densityGPerMl', type: 'number'),
            new OA\Property(property: 'reducerPercent', type: 'number', nullable: true),
            new OA\Property(property: 'wasted', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'forRest', ref: '#/components/schemas/Quantity'),
            new OA\Property(
                property: 'left',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')],
            ),
            new OA\Property(
                property: 'pourOff',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')],
            ),
            new OA\Property(
                property: 'missing',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')],
            ),
            new OA\Property(
                property: 'onHand',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/OnHand')],
            ),
            new OA\Property(property: 'cost', type: 'number', nullable: true),
            new OA\Property(
                property: 'potLife',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')],
            ),
            new OA\Property(
                property: 'viscosity',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/CupViscosity')],
            ),
            new OA\Property(property: 'voc', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ReducerWord',
        required: ['key', 'words'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'words', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ReducerChoice',
        required: ['advised', 'second', 'turns', 'reason'],
        type: 'object',
        properties: [
            new OA\Property(property: 'advised', ref: '#/components/schemas/ReducerWord'),
            new OA\Property(property: 'second', ref: '#/components/schemas/ReducerWord'),
            new OA\Property(property: 'turns', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'reason', ref: '#/components/schemas/Reason'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ReducerAdvice',
        required: ['key', 'words', 'advised', 'advisedWords', 'choice'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'advised', type: 'string'),
            new OA\Property(property: 'advisedWords', type: 'string'),
            new OA\Property(property: 'choice', ref: '#/components/schemas/ReducerChoice'),
        ],
    ),
]
final class CupSchemas {}
