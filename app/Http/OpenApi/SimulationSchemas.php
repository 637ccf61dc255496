<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** What will be seen of a plan. */
#[OA\Schema(schema: 'NumberOrNothing', type: 'number', nullable: true)]
#[
    OA\Schema(
        schema: 'SprayedCoat',
        required: ['id', 'name', 'dry', 'volatile', 'flash'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'dry', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'volatile', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'flash', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LightTable',
        description: 'Light by distance from the primer and by angle, and what of it is seen',
        required: ['fromMm', 'stepMm', 'light', 'index'],
        type: 'object',
        properties: [
            new OA\Property(property: 'fromMm', type: 'number'),
            new OA\Property(property: 'stepMm', type: 'number'),
            new OA\Property(
                property: 'light',
                description: 'by angle: linear red, green, blue of each place in turn, white is 1',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
            new OA\Property(
                property: 'index',
                description: 'by judged angle, distance and place',
                type: 'array',
                items: new OA\Items(
                    type: 'array',
                    items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
                ),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Walk',
        required: ['angles', 'old', 'judged', 'standing', 'distances', 'tables', 'field'],
        type: 'object',
        properties: [
            new OA\Property(property: 'angles', type: 'array', items: new OA\Items(type: 'integer')),
            new OA\Property(
                property: 'old',
                description: 'the light of the finish that is on the car, by angle',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
            new OA\Property(property: 'judged', type: 'array', items: new OA\Items(type: 'integer')),
            new OA\Property(
                property: 'standing',
                description: 'where one stands who sees each judged angle',
                type: 'array',
                items: new OA\Items(type: 'string'),
            ),
            new OA\Property(property: 'distances', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'tables', type: 'array', items: new OA\Items(ref: '#/components/schemas/LightTable')),
            new OA\Property(property: 'field', type: 'array', items: new OA\Items(ref: '#/components/schemas/FieldRaster')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CutSection',
        required: [
            'coats',
            'angle',
            'distanceM',
            'lengthMm',
            'stepMm',
            'panels',
            'mm',
            'films',
            'uncovered',
            'dryPercent',
            'dE',
            'index',
            'lines',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'coats', type: 'array', items: new OA\Items(ref: '#/components/schemas/SprayedCoat')),
            new OA\Property(property: 'angle', type: 'integer'),
            new OA\Property(property: 'distanceM', type: 'number'),
            new OA\Property(property: 'lengthMm', type: 'number'),
            new OA\Property(property: 'stepMm', type: 'number'),
            new OA\Property(property: 'panels', type: 'array', items: new OA\Items(type: 'string', nullable: true)),
            new OA\Property(
                property: 'mm',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/NumberOrNothing'),
            ),
            new OA\Property(
                property: 'films',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
            ),
            new OA\Property(property: 'uncovered', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(
                property: 'dryPercent',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/NumberOrNothing'),
            ),
            new OA\Property(
                property: 'dE',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/NumberOrNothing'),
            ),
            new OA\Property(
                property: 'index',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/NumberOrNothing'),
            ),
            new OA\Property(
                property: 'lines',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/CutLine'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CutLine',
        description: 'Where the cut crosses a gap, a fold or a body line: what is seen of the step there',
        required: ['atMm', 'kind', 'index'],
        type: 'object',
        properties: [
            new OA\Property(property: 'atMm', type: 'number'),
            new OA\Property(property: 'kind', type: 'string', enum: ['gap', 'fold', 'body-line']),
            new OA\Property(property: 'index', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FieldRaster',
        required: ['panel', 'table', 'x0', 'y0', 'step', 'nx', 'ny', 'mm'],
        type: 'object',
        properties: [
            new OA\Property(property: 'panel', type: 'string'),
            new OA\Property(property: 'table', type: 'integer'),
            new OA\Property(property: 'x0', type: 'number'),
            new OA\Property(property: 'y0', type: 'number'),
            new OA\Property(property: 'step', type: 'number'),
            new OA\Property(property: 'nx', type: 'integer'),
            new OA\Property(property: 'ny', type: 'integer'),
            new OA\Property(
                property: 'mm',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/NumberOrNothing'),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'IndexRow',
        required: ['angle', 'indices'],
        type: 'object',
        properties: [
            new OA\Property(property: 'angle', type: 'integer'),
            new OA\Property(property: 'indices', type: 'array', items: new OA\Items(type: 'number')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SideSeen',
        required: ['name', 'index', 'angle', 'distanceM'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'index', type: 'number'),
            new OA\Property(property: 'angle', type: 'integer'),
            new OA\Property(property: 'distanceM', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'WorstPlace',
        required: ['angle', 'from', 'distanceM', 'at'],
        type: 'object',
        properties: [
            new OA\Property(property: 'angle', type: 'integer'),
            new OA\Property(property: 'from', type: 'string'),
            new OA\Property(property: 'distanceM', type: 'number'),
            new OA\Property(property: 'at', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PartSeen',
        required: ['part', 'words', 'index'],
        type: 'object',
        properties: [
            new OA\Property(property: 'part', type: 'string', enum: ['colour', 'fringe', 'coats', 'hiding', 'mottle', 'stripes']),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'index', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'HidingSeen',
        required: ['coats', 'bestShade'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'coats',
                description: 'full coats until the primer is gone',
                type: 'number',
                nullable: true,
            ),
            new OA\Property(property: 'bestShade', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GunOutlook',
        required: ['gun', 'held', 'need', 'joins', 'seen', 'says', 'paint', 'minutes', 'largest', 'grows'],
        type: 'object',
        properties: [
            new OA\Property(property: 'gun', type: 'string', enum: ['standard', 'small']),
            new OA\Property(property: 'held', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'need', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Figure')]),
            new OA\Property(property: 'joins', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'seen', type: 'boolean'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'paint', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(
                property: 'largest',
                description: 'radius of the largest spot that stays on the panel',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/Figure')],
            ),
            new OA\Property(property: 'grows', description: 'a spot that pulls a neighbour in', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CoatsOff',
        required: ['coats', 'sticker', 'car', 'tries'],
        type: 'object',
        properties: [
            new OA\Property(property: 'coats', description: 'effect coats planned', type: 'number'),
            new OA\Property(property: 'sticker', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'car', description: 'the car on a screen', type: 'string'),
            new OA\Property(property: 'tries', type: 'array', items: new OA\Items(ref: '#/components/schemas/CoatsTried')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CoatsTried',
        required: ['off', 'coats', 'colour', 'difference', 'seen', 'says'],
        type: 'object',
        properties: [
            new OA\Property(property: 'off', description: 'coats more or fewer than planned', type: 'number'),
            new OA\Property(property: 'coats', type: 'number'),
            new OA\Property(property: 'colour', type: 'string'),
            new OA\Property(property: 'difference', description: 'from the car, CIEDE2000 over the angles', type: 'number'),
            new OA\Property(property: 'seen', description: 'side by side at a gap', type: 'boolean'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Offers',
        required: ['now', 'offers'],
        type: 'object',
        properties: [
            new OA\Property(property: 'now', ref: '#/components/schemas/OfferFigures'),
            new OA\Property(property: 'offers', type: 'array', items: new OA\Items(ref: '#/components/schemas/Offer')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'OfferFigures',
        required: ['verdict', 'severity', 'seen', 'says', 'need', 'panels', 'paint', 'minutes'],
        type: 'object',
        properties: [
            new OA\Property(property: 'verdict', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'severity', type: 'string', enum: ['note', 'look-out', 'stop']),
            new OA\Property(property: 'seen', type: 'boolean'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'need', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Figure')]),
            new OA\Property(property: 'panels', type: 'integer'),
            new OA\Property(property: 'paint', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Offer',
        required: ['key', 'title', 'why', 'verdict', 'severity', 'seen', 'says', 'need', 'panels', 'paint', 'minutes', 'school', 'usual', 'edited', 'sequence', 'paintSystem'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'title', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'why', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'verdict', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'severity', type: 'string', enum: ['note', 'look-out', 'stop']),
            new OA\Property(property: 'seen', type: 'boolean'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'need', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Figure')]),
            new OA\Property(property: 'panels', type: 'integer'),
            new OA\Property(property: 'paint', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'school', type: 'string'),
            new OA\Property(property: 'usual', type: 'number'),
            new OA\Property(property: 'edited', type: 'boolean'),
            new OA\Property(property: 'sequence', type: 'array', items: new OA\Items(ref: '#/components/schemas/CoatStep')),
            new OA\Property(property: 'paintSystem', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Cure',
        required: ['says', 'sequence', 'index'],
        type: 'object',
        properties: [
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'sequence', type: 'array', items: new OA\Items(ref: '#/components/schemas/CoatStep')),
            new OA\Property(property: 'index', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Simulation',
        required: [
            'seen',
            'index',
            'says',
            'certainty',
            'low',
            'high',
            'worst',
            'parts',
            'fault',
            'hiding',
            'need',
            'boothMinutes',
            'measured',
            'table',
            'sides',
            'coats',
            'angles',
            'standing',
            'distances',
            'layer',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'layer', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/CoatsOff')]),
            new OA\Property(property: 'seen', type: 'boolean'),
            new OA\Property(property: 'index', type: 'number'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'certainty', type: 'string', enum: ['sure', 'likely', 'doubtful']),
            new OA\Property(property: 'low', type: 'number'),
            new OA\Property(property: 'high', type: 'number'),
            new OA\Property(property: 'worst', ref: '#/components/schemas/WorstPlace'),
            new OA\Property(property: 'parts', type: 'array', items: new OA\Items(ref: '#/components/schemas/PartSeen')),
            new OA\Property(property: 'fault', type: 'string', nullable: true),
            new OA\Property(property: 'hiding', ref: '#/components/schemas/HidingSeen'),
            new OA\Property(property: 'need', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Figure')]),
            new OA\Property(property: 'boothMinutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'measured', type: 'boolean'),
            new OA\Property(property: 'table', type: 'array', items: new OA\Items(ref: '#/components/schemas/IndexRow')),
            new OA\Property(property: 'sides', type: 'array', items: new OA\Items(ref: '#/components/schemas/SideSeen')),
            new OA\Property(property: 'coats', type: 'array', items: new OA\Items(ref: '#/components/schemas/SprayedCoat')),
            new OA\Property(property: 'angles', type: 'array', items: new OA\Items(type: 'integer')),
            new OA\Property(
                property: 'standing',
                description: 'where one stands who sees each angle',
                type: 'array',
                items: new OA\Items(type: 'string'),
            ),
            new OA\Property(property: 'distances', type: 'array', items: new OA\Items(type: 'number')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CutWish',
        required: ['document', 'from', 'to'],
        type: 'object',
        properties: [
            new OA\Property(property: 'document', ref: '#/components/schemas/JobDocument'),
            new OA\Property(property: 'from', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'to', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'angle', type: 'integer', default: 45),
            new OA\Property(property: 'distanceM', type: 'number', default: 2),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'WaysWish',
        required: ['document'],
        type: 'object',
        properties: [
            new OA\Property(property: 'document', ref: '#/components/schemas/JobDocument'),
            new OA\Property(property: 'school', description: 'only this one', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'WayOutlook',
        required: [
            'rank',
            'key',
            'name',
            'how',
            'risk',
            'seen',
            'index',
            'says',
            'certainty',
            'panels',
            'reach',
            'paint',
            'minutes',
            'thumb',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'rank',
                description: 'the smaller the better, first figure first',
                type: 'array',
                items: new OA\Items(type: 'number'),
            ),
            new OA\Property(property: 'how', type: 'string'),
            new OA\Property(property: 'risk', type: 'string'),
            new OA\Property(property: 'seen', type: 'boolean'),
            new OA\Property(property: 'index', type: 'number'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'certainty', type: 'string', enum: ['sure', 'likely', 'doubtful']),
            new OA\Property(property: 'panels', type: 'integer'),
            new OA\Property(property: 'reach', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'paint', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'thumb', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FoundBlend',
        required: [
            'school',
            'name',
            'usual',
            'sequence',
            'gun',
            'sides',
            'panels',
            'paint',
            'minutes',
            'need',
            'says',
            'givesUp',
            'tried',
            'complete',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'complete', description: 'was there time for all it wanted to try?', type: 'boolean'),
            new OA\Property(property: 'school', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'usual', type: 'number'),
            new OA\Property(property: 'need', ref: '#/components/schemas/Quantity'),
            new OA\Property(
                property: 'sequence',
                description: 'null: as the school does it',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/CoatStep'),
                nullable: true,
            ),
            new OA\Property(property: 'gun', type: 'string', enum: ['standard', 'small']),
            new OA\Property(
                property: 'sides',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/SideDecision'),
            ),
            new OA\Property(property: 'givesUp', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'tried', type: 'integer'),
            new OA\Property(property: 'panels', type: 'integer'),
            new OA\Property(property: 'paint', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'minutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SmallestBlend',
        required: ['found'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'found',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/FoundBlend')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'KeepSchoolWish',
        required: ['name', 'document'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'document', ref: '#/components/schemas/JobDocument'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ShopSchool',
        required: ['id', 'key', 'name', 'school'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'school', ref: '#/components/schemas/SchoolFile'),
        ],
    ),
]
final class SimulationSchemas {}
