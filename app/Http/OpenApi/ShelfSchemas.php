<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** Body shapes, paint systems, colours. */
#[
    OA\Schema(
        schema: 'BodyLine',
        required: ['name', 'points'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'points',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BodyPanel',
        required: ['id', 'name', 'kind', 'material', 'orientation', 'area', 'box', 'centre', 'outline', 'bodyLines'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'material', type: 'string'),
            new OA\Property(property: 'orientation', type: 'string', enum: ['flat', 'upright']),
            new OA\Property(property: 'area', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'box', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'centre', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(
                property: 'outline',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
            new OA\Property(
                property: 'bodyLines',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/BodyLine'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BodySeam',
        required: ['a', 'b', 'gapMm'],
        type: 'object',
        properties: [
            new OA\Property(property: 'a', type: 'string'),
            new OA\Property(property: 'b', type: 'string'),
            new OA\Property(property: 'gapMm', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BodyShape',
        required: ['key', 'name', 'style', 'box', 'panels', 'seams', 'trim'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'style', type: 'string'),
            new OA\Property(property: 'box', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'panels', type: 'array', items: new OA\Items(ref: '#/components/schemas/BodyPanel')),
            new OA\Property(property: 'seams', type: 'array', items: new OA\Items(ref: '#/components/schemas/BodySeam')),
            new OA\Property(property: 'trim', type: 'array', items: new OA\Items(ref: '#/components/schemas/BodyTrim')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BodyTrim',
        description: 'what is not painted and only tells which car it is',
        required: ['kind', 'points', 'closed'],
        type: 'object',
        properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['wheel', 'glass', 'lamp', 'handle']),
            new OA\Property(
                property: 'points',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
            new OA\Property(property: 'closed', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BodyUpload',
        required: ['svg'],
        type: 'object',
        properties: [new OA\Property(property: 'svg', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfBody',
        required: ['key', 'name', 'style', 'taped'],
        type: 'object',
        properties: [
            new OA\Property(property: 'taped', description: 'drawn by tape', type: 'boolean'),
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'style', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfComponent',
        required: ['name', 'kind', 'densityGPerMl', 'volumeSolids'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'densityGPerMl', type: 'number'),
            new OA\Property(property: 'volumeSolids', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfProduct',
        required: ['role', 'name', 'ratio', 'components', 'dryFilm', 'pressure', 'distance', 'overlap', 'sheet'],
        type: 'object',
        properties: [
            new OA\Property(property: 'role', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'ratio', type: 'string'),
            new OA\Property(
                property: 'components',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ShelfComponent'),
            ),
            new OA\Property(property: 'dryFilm', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'pressure', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'distance', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'overlap', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'sheet', ref: '#/components/schemas/ShelfSheet'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfViscosity',
        required: ['cup', 'from', 'to'],
        type: 'object',
        properties: [
            new OA\Property(property: 'cup', type: 'string'),
            new OA\Property(property: 'from', type: 'number'),
            new OA\Property(property: 'to', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfSheet',
        required: ['reducerPercent', 'viscosity', 'potLife', 'grade', 'named'],
        type: 'object',
        properties: [
            new OA\Property(property: 'reducerPercent', type: 'array', items: new OA\Items(type: 'number'), nullable: true),
            new OA\Property(
                property: 'viscosity',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/ShelfViscosity')],
            ),
            new OA\Property(
                property: 'potLife',
                nullable: true,
                allOf: [new OA\Schema(ref: '#/components/schemas/Quantity')],
            ),
            new OA\Property(property: 'grade', type: 'string', nullable: true),
            new OA\Property(property: 'named', description: 'the data sheet, as it is called', type: 'string', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfSystem',
        required: ['key', 'edition', 'name', 'carrier', 'note', 'products'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'edition', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'carrier', type: 'string', enum: ['solvent', 'waterborne']),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(
                property: 'products',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ShelfProduct'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfColour',
        required: ['name', 'code', 'finish', 'undercoatShade', 'hidingUm'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'finish', type: 'string'),
            new OA\Property(property: 'undercoatShade', type: 'integer', nullable: true),
            new OA\Property(property: 'hidingUm', description: 'dry film that hides, um', type: 'number', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfSchool',
        required: ['key', 'name', 'how', 'coats'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'how', type: 'string'),
            new OA\Property(property: 'coats', type: 'array', items: new OA\Items(ref: '#/components/schemas/CoatStep')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfName',
        required: ['key', 'name'],
        type: 'object',
        properties: [new OA\Property(property: 'key', type: 'string'), new OA\Property(property: 'name', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfUnder',
        required: ['key', 'name', 'hasGreyShade'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'hasGreyShade', type: 'boolean'),
        ],
    ),
]
#[OA\Schema(schema: 'ShelfRange', type: 'array', items: new OA\Items(type: 'number'))]
#[
    OA\Schema(
        schema: 'CoatLimits',
        required: [
            'bar',
            'distanceMm',
            'overlapPercent',
            'flowMlPerMin',
            'speedMmPerS',
            'reachMm',
            'film',
            'reducer',
            'blendingClear',
            'mostSteps',
            'landsIn',
            'drying',
            'hidingUm',
            'reducers',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'bar', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(property: 'distanceMm', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(property: 'overlapPercent', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(property: 'flowMlPerMin', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(property: 'speedMmPerS', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(property: 'reachMm', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(property: 'film', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(property: 'reducer', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(property: 'blendingClear', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(property: 'mostSteps', type: 'integer'),
            new OA\Property(property: 'landsIn', type: 'array', items: new OA\Items(ref: '#/components/schemas/ShelfName')),
            new OA\Property(property: 'drying', type: 'array', items: new OA\Items(ref: '#/components/schemas/ShelfName')),
            new OA\Property(property: 'hidingUm', ref: '#/components/schemas/ShelfRange'),
            new OA\Property(
                property: 'reducers',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ShelfName'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BlendLimits',
        required: ['leastCoats', 'smallGun', 'blendingClear', 'stopAtLines', 'wetBed'],
        type: 'object',
        properties: [
            new OA\Property(property: 'leastCoats', description: 'full coats of colour, 1 to 4', type: 'integer'),
            new OA\Property(property: 'smallGun', type: 'boolean'),
            new OA\Property(property: 'blendingClear', type: 'boolean'),
            new OA\Property(property: 'stopAtLines', type: 'boolean'),
            new OA\Property(property: 'wetBed', description: 'kept under light metallics and pearls', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfScale',
        required: ['readabilityG', 'choices'],
        type: 'object',
        properties: [
            new OA\Property(property: 'readabilityG', type: 'number'),
            new OA\Property(property: 'choices', type: 'array', items: new OA\Items(type: 'number')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShelfFlowCup',
        required: ['key', 'name', 'standard'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'standard', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Shelf',
        required: [
            'limits',
            'equipment',
            'blendLimits',
            'bodyShapes',
            'paintSystems',
            'paintAway',
            'colours',
            'schools',
            'finishes',
            'geometries',
            'lampLights',
            'unders',
            'scale',
            'flowCups',
            'sticks',
        ],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'bodyShapes',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ShelfBody'),
            ),
            new OA\Property(
                property: 'paintSystems',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ShelfSystem'),
            ),
            new OA\Property(
                property: 'paintAway',
                description: 'paint systems that were put away',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/KeyedName'),
            ),
            new OA\Property(
                property: 'colours',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ShelfColour'),
            ),
            new OA\Property(
                property: 'schools',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ShelfSchool'),
            ),
            new OA\Property(property: 'limits', ref: '#/components/schemas/CoatLimits'),
            new OA\Property(property: 'equipment', ref: '#/components/schemas/Equipment'),
            new OA\Property(property: 'scale', ref: '#/components/schemas/ShelfScale'),
            new OA\Property(
                property: 'flowCups',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ShelfFlowCup'),
            ),
            new OA\Property(property: 'sticks', type: 'array', items: new OA\Items(ref: '#/components/schemas/ShelfName')),
            new OA\Property(property: 'blendLimits', ref: '#/components/schemas/BlendLimits'),
            new OA\Property(property: 'geometries', type: 'array', items: new OA\Items(ref: '#/components/schemas/ShelfName')),
            new OA\Property(property: 'lampLights', type: 'array', items: new OA\Items(ref: '#/components/schemas/ShelfName')),
            new OA\Property(
                property: 'finishes',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ShelfName'),
            ),
            new OA\Property(property: 'unders', type: 'array', items: new OA\Items(ref: '#/components/schemas/ShelfUnder')),
        ],
    ),
]
#[OA\Schema(
    schema: 'NumbersByKey',
    description: 'grams by toner, mm by tape',
    type: 'object',
    additionalProperties: new OA\AdditionalProperties(type: 'number'),
)]
#[OA\Schema(schema: 'NamedToners', required: ['name', 'toners'], type: 'object', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'toners', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
])]
#[OA\Schema(
    schema: 'ShopColour',
    required: ['id', 'name', 'code', 'finish', 'undercoatShade', 'hidingUm', 'note', 'putAway', 'toners', 'layer', 'variants', 'reading'],
    type: 'object',
    properties: [
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'code', type: 'string'),
        new OA\Property(property: 'finish', type: 'string'),
        new OA\Property(property: 'undercoatShade', type: 'integer', nullable: true),
        new OA\Property(property: 'hidingUm', description: 'dry film that hides, um', type: 'number', nullable: true),
        new OA\Property(property: 'note', type: 'string'),
        new OA\Property(property: 'putAway', type: 'boolean'),
        new OA\Property(property: 'toners', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
        new OA\Property(property: 'layer', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerGrams')),
        new OA\Property(property: 'variants', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamedToners')),
        new OA\Property(
            property: 'reading',
            oneOf: [new OA\Schema(ref: '#/components/schemas/OwnReading')],
            nullable: true,
        ),
    ],
)]
#[OA\Schema(schema: 'OwnReading', required: ['shots', 'from', 'at', 'geometry', 'viewing', 'looksLike', 'angles'], type: 'object', properties: [
    new OA\Property(property: 'shots', type: 'integer'),
    new OA\Property(property: 'from', description: 'the file it is from', type: 'string'),
    new OA\Property(property: 'at', type: 'string'),
    new OA\Property(property: 'geometry', type: 'string'),
    new OA\Property(property: 'viewing', type: 'string'),
    new OA\Property(
        property: 'looksLike',
        description: 'a finish; null: the one it is said to have',
        type: 'string',
        nullable: true,
    ),
    new OA\Property(property: 'angles', type: 'array', items: new OA\Items(ref: '#/components/schemas/OwnAngle')),
])]
#[OA\Schema(schema: 'OwnAngle', required: ['angle', 'lab', 'hex'], type: 'object', properties: [
    new OA\Property(property: 'angle', type: 'integer'),
    new OA\Property(property: 'lab', ref: '#/components/schemas/LabValues'),
    new OA\Property(property: 'hex', type: 'string'),
])]
#[OA\Schema(schema: 'SampleOfColour', required: ['sample', 'name', 'code', 'shots'], type: 'object', properties: [
    new OA\Property(property: 'sample', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'shots', type: 'integer'),
])]
#[OA\Schema(schema: 'ColoursRead', required: ['taken', 'added', 'unknown', 'faults'], type: 'object', properties: [
    new OA\Property(property: 'taken', type: 'array', items: new OA\Items(ref: '#/components/schemas/SampleOfColour')),
    new OA\Property(property: 'added', type: 'array', items: new OA\Items(ref: '#/components/schemas/SampleOfColour')),
    new OA\Property(property: 'unknown', description: 'samples that are none of ours', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'faults', type: 'array', items: new OA\Items(ref: '#/components/schemas/FileFault')),
])]
#[OA\Schema(schema: 'TonerName', required: ['key', 'name'], type: 'object', properties: [
    new OA\Property(property: 'key', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
])]
#[OA\Schema(schema: 'ShopColours', required: ['colours', 'toners'], type: 'object', properties: [
    new OA\Property(property: 'colours', type: 'array', items: new OA\Items(ref: '#/components/schemas/ShopColour')),
    new OA\Property(property: 'toners', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerName')),
])]
#[OA\Schema(schema: 'VariantWish', required: ['name', 'toners'], type: 'object', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'toners', ref: '#/components/schemas/NumbersByKey'),
])]
#[OA\Schema(schema: 'ColourWish', required: ['name', 'finish'], type: 'object', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'finish', type: 'string'),
    new OA\Property(property: 'undercoatShade', type: 'integer', nullable: true),
    new OA\Property(property: 'hidingUm', description: 'dry film that hides, um', type: 'number', nullable: true),
    new OA\Property(property: 'note', type: 'string'),
    new OA\Property(property: 'toners', ref: '#/components/schemas/NumbersByKey'),
    new OA\Property(property: 'layer', ref: '#/components/schemas/NumbersByKey'),
    new OA\Property(property: 'variants', type: 'array', items: new OA\Items(ref: '#/components/schemas/VariantWish')),
])]
#[OA\Schema(schema: 'NearColour', required: ['id', 'name', 'code', 'dE', 'overall', 'from'], type: 'object', properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'dE', description: 'CIEDE2000 at the angle where it is largest', type: 'number'),
    new OA\Property(property: 'overall', type: 'number'),
    new OA\Property(property: 'from', type: 'string', enum: ['reading', 'car', 'formula']),
])]
#[OA\Schema(schema: 'Silhouette', required: ['key', 'name', 'part', 'tapes'], type: 'object', properties: [
    new OA\Property(property: 'key', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'part', description: 'one panel off the car', type: 'boolean'),
    new OA\Property(property: 'tapes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Tape')),
])]
#[OA\Schema(schema: 'Tape', required: ['key', 'name', 'how', 'drawn'], type: 'object', properties: [
    new OA\Property(property: 'key', type: 'string'),
    new OA\Property(property: 'name', ref: '#/components/schemas/Phrase'),
    new OA\Property(property: 'how', ref: '#/components/schemas/Phrase'),
    new OA\Property(property: 'drawn', ref: '#/components/schemas/Quantity'),
])]
#[OA\Schema(schema: 'TapeLengths', required: ['lengths'], type: 'object', properties: [
    new OA\Property(property: 'lengths', ref: '#/components/schemas/NumbersByKey'),
])]
#[OA\Schema(schema: 'TapeWish', required: ['name', 'lengths'], type: 'object', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'lengths', ref: '#/components/schemas/NumbersByKey'),
])]
#[OA\Schema(schema: 'TapedBody', required: ['key', 'name', 'silhouette', 'lengths'], type: 'object', properties: [
    new OA\Property(property: 'key', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'silhouette', type: 'string'),
    new OA\Property(property: 'lengths', ref: '#/components/schemas/NumbersByKey'),
])]
#[OA\Schema(schema: 'HeldTape', required: ['key', 'from', 'to', 'reads'], type: 'object', properties: [
    new OA\Property(property: 'key', type: 'string'),
    new OA\Property(property: 'from', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'to', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'reads', ref: '#/components/schemas/Quantity'),
])]
#[OA\Schema(schema: 'TapedCar', required: ['body', 'tapes', 'remarks'], type: 'object', properties: [
    new OA\Property(property: 'body', ref: '#/components/schemas/BodyShape'),
    new OA\Property(property: 'tapes', type: 'array', items: new OA\Items(ref: '#/components/schemas/HeldTape')),
    new OA\Property(property: 'remarks', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
])]
final class ShelfSchemas {}
