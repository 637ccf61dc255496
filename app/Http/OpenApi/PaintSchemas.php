<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** A paint system as it is typed in: docs/formats/paint-system.schema.json says what each figure may be. */
#[
    OA\Schema(
        schema: 'SheetComponent',
        required: ['name', 'densityGPerMl', 'volumeSolids'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'densityGPerMl', type: 'number'),
            new OA\Property(property: 'volumeSolids', type: 'number'),
            new OA\Property(property: 'water', type: 'number'),
            new OA\Property(property: 'exempt', type: 'number'),
            new OA\Property(property: 'pricePerL', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SheetViscosity',
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
        schema: 'SheetFlash',
        required: ['minutes'],
        type: 'object',
        properties: [
            new OA\Property(property: 'minutes', type: 'number'),
            new OA\Property(property: 'celsius', type: 'number'),
            new OA\Property(property: 'humidityPercent', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SheetSource',
        required: ['document'],
        type: 'object',
        properties: [
            new OA\Property(property: 'document', type: 'string'),
            new OA\Property(property: 'date', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SheetFigures',
        type: 'object',
        properties: [
            new OA\Property(property: 'reducerPercent', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'viscosity', ref: '#/components/schemas/SheetViscosity'),
            new OA\Property(property: 'potLifeMin', type: 'number'),
            new OA\Property(property: 'coats', type: 'integer'),
            new OA\Property(property: 'bakeMin', type: 'number'),
            new OA\Property(property: 'polishHours', type: 'number'),
            new OA\Property(property: 'flash', ref: '#/components/schemas/SheetFlash'),
            new OA\Property(property: 'grade', type: 'string'),
            new OA\Property(property: 'source', ref: '#/components/schemas/SheetSource'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SheetGun',
        required: ['bar', 'distanceMm', 'overlapPercent'],
        type: 'object',
        properties: [
            new OA\Property(property: 'bar', type: 'number'),
            new OA\Property(property: 'distanceMm', type: 'number'),
            new OA\Property(property: 'overlapPercent', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SheetProduct',
        required: ['role', 'name', 'ratio', 'dryFilmUm', 'gun', 'components'],
        type: 'object',
        properties: [
            new OA\Property(property: 'role', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'ratio', type: 'string'),
            new OA\Property(property: 'dryFilmUm', type: 'number'),
            new OA\Property(property: 'gun', ref: '#/components/schemas/SheetGun'),
            new OA\Property(property: 'sheet', ref: '#/components/schemas/SheetFigures'),
            new OA\Property(property: 'components', type: 'array', items: new OA\Items(ref: '#/components/schemas/SheetComponent')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SheetReducers',
        type: 'object',
        properties: [
            new OA\Property(property: 'fast', type: 'number'),
            new OA\Property(property: 'standard', type: 'number'),
            new OA\Property(property: 'slow', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Sheet',
        required: ['key', 'name', 'carrier', 'products'],
        type: 'object',
        properties: [
            new OA\Property(property: 'format', type: 'string'),
            new OA\Property(property: 'version', type: 'integer'),
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'carrier', type: 'string'),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'currency', type: 'string'),
            new OA\Property(property: 'reducers', ref: '#/components/schemas/SheetReducers'),
            new OA\Property(property: 'products', type: 'array', items: new OA\Items(ref: '#/components/schemas/SheetProduct')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SheetEdition',
        required: ['number', 'by', 'at'],
        type: 'object',
        properties: [
            new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SheetChange',
        required: ['what', 'figure', 'was', 'is'],
        type: 'object',
        properties: [
            new OA\Property(property: 'what', type: 'string'),
            new OA\Property(property: 'figure', type: 'string'),
            new OA\Property(property: 'was', type: 'string'),
            new OA\Property(property: 'is', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PaintSystemSheet',
        required: ['key', 'name', 'edition', 'newest', 'sheet', 'editions', 'putAway', 'cars'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'edition', type: 'integer'),
            new OA\Property(property: 'newest', type: 'integer'),
            new OA\Property(property: 'sheet', ref: '#/components/schemas/Sheet'),
            new OA\Property(property: 'editions', type: 'array', items: new OA\Items(ref: '#/components/schemas/SheetEdition')),
            new OA\Property(property: 'putAway', type: 'boolean'),
            new OA\Property(property: 'cars', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SheetsUsed',
        required: ['name', 'edition', 'newest', 'by', 'at', 'changes'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'edition', type: 'integer'),
            new OA\Property(property: 'newest', type: 'integer'),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string', nullable: true),
            new OA\Property(property: 'changes', type: 'array', items: new OA\Items(ref: '#/components/schemas/SheetChange')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'KeyedName',
        required: ['key', 'name'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PaintFile',
        required: ['text'],
        type: 'object',
        properties: [
            new OA\Property(property: 'text', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PaintKnown',
        required: ['key', 'name', 'edition'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'edition', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PaintFileRead',
        required: ['sheet', 'known', 'changes'],
        type: 'object',
        properties: [
            new OA\Property(property: 'sheet', ref: '#/components/schemas/Sheet'),
            new OA\Property(property: 'known', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/PaintKnown')]),
            new OA\Property(property: 'changes', type: 'array', items: new OA\Items(ref: '#/components/schemas/SheetChange')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ProductFollows',
        required: ['role', 'name', 'ratio', 'shares', 'solids', 'wetFilm', 'densityGPerMl', 'vocGPerL'],
        type: 'object',
        properties: [
            new OA\Property(property: 'role', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'ratio', description: 'as it was understood', type: 'string'),
            new OA\Property(property: 'shares', description: '% by volume', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'solids', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'wetFilm', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'densityGPerMl', type: 'number'),
            new OA\Property(property: 'vocGPerL', description: 'less water and exempt solvent', type: 'number'),
        ],
    ),
]
final class PaintSchemas {}
