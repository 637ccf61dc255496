<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** A job as it is entered; docs/formats/job.schema.json says the same to other programs. */
#[
    OA\Schema(
        schema: 'CarPart',
        required: ['label', 'bodyShape'],
        type: 'object',
        properties: [
            new OA\Property(property: 'label', type: 'string'),
            new OA\Property(property: 'plate', type: 'string'),
            new OA\Property(property: 'bodyShape', type: 'string'),
            new OA\Property(
                property: 'sizes',
                description: 'panels that were measured on this car, by their id',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/PanelSize'),
            ),
            new OA\Property(property: 'due', description: 'like 2026-11-30T16:00', type: 'string', nullable: true),
            new OA\Property(property: 'painter', type: 'string'),
            new OA\Property(property: 'order', description: 'number of the order', type: 'string'),
            new OA\Property(property: 'owner', description: 'initials, or nothing', type: 'string'),
            new OA\Property(property: 'paintPrice', description: 'what the paint is charged at', type: 'number', nullable: true),
            new OA\Property(property: 'electric', description: 'hybrid or electric', type: 'boolean'),
            new OA\Property(property: 'bakeLimitC', description: 'deg C, null: nobody looked it up', type: 'number', nullable: true),
            new OA\Property(property: 'peel', description: 'orange peel, 1 like glass to 5 very coarse', type: 'integer'),
            new OA\Property(property: 'waxed', description: 'waxed, or silicone was used on it', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PanelSize',
        description: 'mm by tape',
        type: 'object',
        properties: [
            new OA\Property(property: 'alongMm', description: 'from front to rear', type: 'number'),
            new OA\Property(property: 'acrossMm', description: 'from top to bottom, or from side to side', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PanelSizesWish',
        required: ['document', 'sizes'],
        type: 'object',
        properties: [
            new OA\Property(property: 'document', ref: '#/components/schemas/JobDocument'),
            new OA\Property(
                property: 'sizes',
                description: 'all that are measured; none: as drawn',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/PanelSize'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ColourPart',
        required: ['name', 'finish'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(
                property: 'finish',
                type: 'string',
                enum: ['solid-dark', 'solid-light', 'metallic-dark', 'metallic-light', 'pearl'],
            ),
            new OA\Property(property: 'undercoatShade', type: 'integer', nullable: true),
            new OA\Property(
                property: 'flakes',
                description: 'shares of area by grade, from the formula',
                type: 'object',
                nullable: true,
                additionalProperties: new OA\AdditionalProperties(type: 'number'),
            ),
            new OA\Property(property: 'hidingUm', description: 'dry film that hides, um', type: 'number', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BoothPart',
        required: ['temperatureC', 'humidityPercent'],
        type: 'object',
        properties: [
            new OA\Property(property: 'temperatureC', type: 'number'),
            new OA\Property(property: 'humidityPercent', type: 'number'),
            new OA\Property(property: 'name', description: 'which booth; left out: the first', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RepairShape',
        required: ['kind'],
        type: 'object',
        properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['spot', 'outline', 'new-part']),
            new OA\Property(property: 'xMm', type: 'number'),
            new OA\Property(property: 'yMm', type: 'number'),
            new OA\Property(property: 'radiusMm', type: 'number'),
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
        schema: 'UnderPart',
        required: ['kind'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'kind',
                type: 'string',
                enum: ['old-two-pack', 'thermoplastic-lacquer', 'primer', 'bare-metal', 'bare-plastic', 'new-primed-part', 'old-untested', 'sand-through'],
            ),
            new OA\Property(property: 'greyShade', type: 'integer', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RepairPart',
        required: ['id', 'panel', 'shape', 'under'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'panel', type: 'string'),
            new OA\Property(property: 'shape', ref: '#/components/schemas/RepairShape'),
            new OA\Property(property: 'under', ref: '#/components/schemas/UnderPart'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'StepMixture',
        type: 'object',
        properties: [
            new OA\Property(property: 'reducer', description: 'share of the data sheet\'s', type: 'number'),
            new OA\Property(property: 'blendingClear', description: 'parts to one part of ready base', type: 'number'),
            new OA\Property(property: 'tint', description: 'parts to one part of ready clear', type: 'number'),
            new OA\Property(property: 'fadeSolvent', description: 'parts to one part of ready clear', type: 'number'),
            new OA\Property(property: 'reason', description: 'why it leaves the data sheet\'s window', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'StepGun',
        type: 'object',
        properties: [
            new OA\Property(property: 'hold', type: 'string', enum: ['full', 'thin']),
            new OA\Property(property: 'bar', type: 'number'),
            new OA\Property(property: 'distanceMm', type: 'number'),
            new OA\Property(property: 'overlapPercent', type: 'number'),
            new OA\Property(property: 'flowMlPerMin', type: 'number'),
            new OA\Property(property: 'speedMmPerS', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'StepExtent',
        required: ['kind'],
        type: 'object',
        properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['past', 'between', 'ring', 'whole-panel']),
            new OA\Property(property: 'reach', description: 'share of the blend', type: 'number'),
            new OA\Property(property: 'fade', description: 'share of the blend', type: 'number'),
            new OA\Property(
                property: 'reachMm',
                description: 'set by hand; without it the reach is computed',
                type: 'number',
            ),
            new OA\Property(property: 'fadeMm', type: 'number'),
            new OA\Property(property: 'beyondMm', description: 'past where the blend ends', type: 'number'),
            new OA\Property(property: 'fromMm', description: 'of a ring', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'StepPlaces',
        type: 'object',
        properties: [
            new OA\Property(property: 'repairs', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'panels', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'StepWhere',
        description: '"all", or repairs or panels',
        oneOf: [new OA\Schema(type: 'string', enum: ['all']), new OA\Schema(ref: '#/components/schemas/StepPlaces')],
    ),
]
#[
    OA\Schema(
        schema: 'CoatStep',
        required: ['id', 'name', 'kind', 'extent'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'kind',
                type: 'string',
                enum: ['sealer', 'ground', 'wet-bed', 'base', 'half', 'effect', 'control', 'tinted-clear', 'clear', 'fade-solvent'],
            ),
            new OA\Property(property: 'mixture', ref: '#/components/schemas/StepMixture'),
            new OA\Property(property: 'gun', ref: '#/components/schemas/StepGun'),
            new OA\Property(property: 'extent', ref: '#/components/schemas/StepExtent'),
            new OA\Property(property: 'where', ref: '#/components/schemas/StepWhere'),
            new OA\Property(property: 'strokes', type: 'string', enum: ['single', 'cross']),
            new OA\Property(property: 'film', type: 'number'),
            new OA\Property(property: 'landsIn', type: 'string', enum: ['dry', 'flashed-bed', 'wet-bed', 'wet-coat']),
            new OA\Property(property: 'drying', type: 'string', enum: ['flash', 'blower', 'stand', 'long-flash', 'wet-on-wet']),
            new OA\Property(property: 'purpose', type: 'string'),
            new OA\Property(
                property: 'for',
                description: 'finishes a school\'s step is for',
                type: 'array',
                items: new OA\Items(type: 'string'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SchoolFile',
        required: ['format', 'version', 'key', 'name', 'steps'],
        type: 'object',
        properties: [
            new OA\Property(property: 'format', type: 'string'),
            new OA\Property(property: 'version', type: 'integer'),
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'how', type: 'string'),
            new OA\Property(property: 'risk', type: 'string'),
            new OA\Property(property: 'usual', type: 'number'),
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/CoatStep')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SideDecision',
        required: ['panel', 'neighbour', 'choice'],
        type: 'object',
        properties: [
            new OA\Property(property: 'panel', type: 'string'),
            new OA\Property(property: 'neighbour', type: 'string'),
            new OA\Property(property: 'choice', type: 'string', enum: ['join', 'stop-at-line', 'butt']),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PlanPart',
        required: ['school'],
        type: 'object',
        properties: [
            new OA\Property(property: 'school', type: 'string'),
            new OA\Property(
                property: 'sequence',
                description: 'left out: as the school does it',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/CoatStep'),
            ),
            new OA\Property(property: 'usual', type: 'number'),
            new OA\Property(property: 'gun', type: 'string', enum: ['standard', 'small']),
            new OA\Property(property: 'certainty', type: 'string', enum: ['sure', 'likely', 'doubtful']),
            new OA\Property(
                property: 'sides',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/SideDecision'),
            ),
            new OA\Property(
                property: 'ratios',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
            ),
            new OA\Property(property: 'remainderMl', type: 'number'),
            new OA\Property(property: 'reducer', description: 'left out: the advised one', type: 'string', nullable: true),
            new OA\Property(
                property: 'cups',
                description: 'what the painter says of a cup, by its id',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/CupWish'),
            ),
            new OA\Property(property: 'clear', type: 'string', enum: ['production', 'premium'], nullable: true),
            new OA\Property(property: 'letDown', description: 'judged at the coats it sprays', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'JobDocument',
        required: ['car', 'colour', 'paintSystem', 'booth', 'repairs', 'plan'],
        type: 'object',
        properties: [
            new OA\Property(property: 'format', type: 'string'),
            new OA\Property(property: 'version', type: 'integer'),
            new OA\Property(property: 'car', ref: '#/components/schemas/CarPart'),
            new OA\Property(property: 'colour', ref: '#/components/schemas/ColourPart'),
            new OA\Property(property: 'paintSystem', type: 'string'),
            new OA\Property(property: 'paintEdition', description: 'left out: the newest', type: 'integer'),
            new OA\Property(property: 'booth', ref: '#/components/schemas/BoothPart'),
            new OA\Property(
                property: 'repairs',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/RepairPart'),
            ),
            new OA\Property(property: 'plan', ref: '#/components/schemas/PlanPart'),
            new OA\Property(property: 'practice', type: 'boolean'),
            new OA\Property(property: 'verdict', type: 'string'),
            new OA\Property(property: 'bodyShapeSvg', type: 'string'),
            new OA\Property(property: 'paintSystemSheet', type: 'object'),
            new OA\Property(property: 'record', description: 'docs/formats/job.schema.json', type: 'object'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Edit',
        required: ['document'],
        type: 'object',
        properties: [
            new OA\Property(property: 'document', ref: '#/components/schemas/JobDocument'),
            new OA\Property(property: 'change', type: 'string'),
            new OA\Property(property: 'id', type: 'string'),
        ],
    ),
]
final class DocumentSchemas {}
