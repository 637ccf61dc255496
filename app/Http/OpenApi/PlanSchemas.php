<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** What the core computed, as it comes out of JobPlan::jsonSerialize. */
#[
    OA\Schema(
        schema: 'Rings',
        required: ['panel', 'rings'],
        type: 'object',
        properties: [
            new OA\Property(property: 'panel', type: 'string'),
            new OA\Property(
                property: 'rings',
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GunHeld',
        required: ['pressure', 'distance', 'overlap', 'flowMlPerMin', 'speedMmPerS'],
        type: 'object',
        properties: [
            new OA\Property(property: 'pressure', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'distance', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'overlap', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'flowMlPerMin', type: 'number'),
            new OA\Property(property: 'speedMmPerS', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PlannedPanel',
        required: ['id', 'name', 'role', 'roleWords', 'why', 'area', 'coloured'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'role', type: 'string', enum: ['edge-to-edge', 'blend']),
            new OA\Property(property: 'roleWords', type: 'string'),
            new OA\Property(property: 'why', ref: '#/components/schemas/Reason'),
            new OA\Property(property: 'area', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'coloured', ref: '#/components/schemas/Figure'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PlannedCoat',
        required: [
            'id',
            'name',
            'kind',
            'colour',
            'purpose',
            'reach',
            'moved',
            'movable',
            'innerMm',
            'solvedMm',
            'fadeMm',
            'limitMm',
            'mixture',
            'added',
            'landsIn',
            'drying',
            'wait',
            'gun',
            'area',
            'contours',
            'limits',
            'wholePanels',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'kind',
                type: 'string',
                enum: ['sealer', 'ground', 'wet-bed', 'base', 'half', 'effect', 'control', 'tinted-clear', 'clear', 'fade-solvent'],
            ),
            new OA\Property(property: 'colour', type: 'boolean'),
            new OA\Property(property: 'purpose', type: 'string'),
            new OA\Property(property: 'reach', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Figure')]),
            new OA\Property(property: 'moved', type: 'boolean'),
            new OA\Property(property: 'movable', type: 'boolean'),
            new OA\Property(property: 'innerMm', type: 'number', nullable: true),
            new OA\Property(property: 'solvedMm', type: 'number', nullable: true),
            new OA\Property(property: 'mixture', type: 'string'),
            new OA\Property(property: 'added', description: 'what was added to it', type: 'string'),
            new OA\Property(property: 'landsIn', type: 'string'),
            new OA\Property(property: 'drying', type: 'string'),
            new OA\Property(property: 'wait', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'fadeMm', type: 'number'),
            new OA\Property(property: 'limitMm', type: 'number', nullable: true),
            new OA\Property(property: 'gun', ref: '#/components/schemas/GunHeld'),
            new OA\Property(property: 'area', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'contours', type: 'array', items: new OA\Items(ref: '#/components/schemas/Rings')),
            new OA\Property(property: 'limits', type: 'array', items: new OA\Items(ref: '#/components/schemas/Rings')),
            new OA\Property(property: 'wholePanels', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PlannedZone',
        required: ['kind', 'words', 'what', 'preparation', 'panel', 'area'],
        type: 'object',
        properties: [
            new OA\Property(
                property: 'kind',
                type: 'string',
                enum: ['repair', 'sealer', 'full-colour', 'colour-blend', 'wet-bed', 'clear', 'clear-fade'],
            ),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'what', type: 'string'),
            new OA\Property(property: 'preparation', type: 'string'),
            new OA\Property(property: 'panel', type: 'string'),
            new OA\Property(property: 'area', ref: '#/components/schemas/Figure'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SideOption',
        required: ['choice', 'open', 'says'],
        type: 'object',
        properties: [
            new OA\Property(property: 'choice', type: 'string', enum: ['join', 'small-gun', 'stop-at-line', 'butt']),
            new OA\Property(property: 'open', type: 'boolean'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PlannedSide',
        required: [
            'panel',
            'neighbour',
            'neighbourName',
            'room',
            'needed',
            'short',
            'reached',
            'choice',
            'chosenByYou',
            'options',
            'from',
            'to',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'panel', type: 'string'),
            new OA\Property(property: 'neighbour', type: 'string'),
            new OA\Property(property: 'neighbourName', type: 'string'),
            new OA\Property(property: 'room', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'needed', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'short', type: 'boolean'),
            new OA\Property(property: 'reached', type: 'boolean'),
            new OA\Property(property: 'choice', type: 'string', nullable: true),
            new OA\Property(property: 'chosenByYou', type: 'boolean'),
            new OA\Property(
                property: 'options',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/SideOption'),
            ),
            new OA\Property(property: 'from', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'to', type: 'array', items: new OA\Items(type: 'number')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'RoomLine',
        required: ['repair', 'panel', 'neighbour', 'edge', 'room', 'short', 'from', 'to'],
        type: 'object',
        properties: [
            new OA\Property(property: 'repair', type: 'string'),
            new OA\Property(property: 'panel', type: 'string'),
            new OA\Property(property: 'neighbour', type: 'string', nullable: true),
            new OA\Property(property: 'edge', type: 'string'),
            new OA\Property(property: 'room', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'short', type: 'boolean'),
            new OA\Property(property: 'from', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'to', type: 'array', items: new OA\Items(type: 'number')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Warning',
        required: ['code', 'severity', 'says', 'about', 'source'],
        type: 'object',
        properties: [
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'severity', type: 'string', enum: ['note', 'look-out', 'stop']),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'about', type: 'string'),
            new OA\Property(property: 'source', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CautionAt',
        required: ['id', 'title', 'says', 'where'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'title', type: 'string'),
            new OA\Property(property: 'says', type: 'string'),
            new OA\Property(property: 'where', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BlendNeed',
        required: ['figure', 'certainty', 'fades', 'room', 'blend', 'limit', 'usual', 'tooLong', 'stays', 'measured'],
        type: 'object',
        properties: [
            new OA\Property(property: 'figure', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Figure')]),
            new OA\Property(property: 'certainty', type: 'string', enum: ['sure', 'likely', 'doubtful']),
            new OA\Property(property: 'fades', type: 'boolean'),
            new OA\Property(property: 'room', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Quantity')]),
            new OA\Property(property: 'blend', ref: '#/components/schemas/Quantity'),
            new OA\Property(
                property: 'limit',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/Quantity')],
            ),
            new OA\Property(property: 'usual', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'tooLong', type: 'boolean'),
            new OA\Property(property: 'stays', type: 'string', nullable: true),
            new OA\Property(property: 'measured', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'JobPlan',
        required: [
            'verdict',
            'severity',
            'need',
            'wetBed',
            'school',
            'edited',
            'sequence',
            'boothMinutes',
            'panels',
            'coats',
            'zones',
            'sides',
            'rooms',
            'warnings',
            'cups',
            'currency',
            'clearGrade',
            'remainder',
            'reducer',
            'flash',
            'effectCoats',
            'simulated',
            'practice',
            'cautions',
            'always',
            'stations',
            'clear',
            'care',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'verdict', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'severity', type: 'string', enum: ['note', 'look-out', 'stop']),
            new OA\Property(property: 'need', ref: '#/components/schemas/BlendNeed'),
            new OA\Property(property: 'school', type: 'string'),
            new OA\Property(property: 'edited', type: 'boolean'),
            new OA\Property(property: 'sequence', type: 'array', items: new OA\Items(ref: '#/components/schemas/CoatStep')),
            new OA\Property(property: 'boothMinutes', ref: '#/components/schemas/Quantity'),
            new OA\Property(property: 'wetBed', type: 'boolean'),
            new OA\Property(
                property: 'panels',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/PlannedPanel'),
            ),
            new OA\Property(property: 'coats', type: 'array', items: new OA\Items(ref: '#/components/schemas/PlannedCoat')),
            new OA\Property(property: 'zones', type: 'array', items: new OA\Items(ref: '#/components/schemas/PlannedZone')),
            new OA\Property(property: 'sides', type: 'array', items: new OA\Items(ref: '#/components/schemas/PlannedSide')),
            new OA\Property(property: 'rooms', type: 'array', items: new OA\Items(ref: '#/components/schemas/RoomLine')),
            new OA\Property(property: 'warnings', type: 'array', items: new OA\Items(ref: '#/components/schemas/Warning')),
            new OA\Property(property: 'currency', type: 'string', nullable: true),
            new OA\Property(property: 'clearGrade', type: 'string', enum: ['production', 'premium'], nullable: true),
            new OA\Property(property: 'cups', type: 'array', items: new OA\Items(ref: '#/components/schemas/Cup')),
            new OA\Property(property: 'remainder', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'reducer', ref: '#/components/schemas/ReducerAdvice'),
            new OA\Property(property: 'flash', ref: '#/components/schemas/Reason'),
            new OA\Property(
                property: 'effectCoats',
                description: 'sprayed of the effect layer, where a let-down set was taken over',
                type: 'number',
                nullable: true,
            ),
            new OA\Property(property: 'simulated', description: 'made for simulated readings', type: 'boolean'),
            new OA\Property(property: 'practice', type: 'boolean'),
            new OA\Property(
                property: 'cautions',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/CautionAt'),
            ),
            new OA\Property(property: 'always', type: 'string'),
            new OA\Property(property: 'stations', type: 'array', items: new OA\Items(ref: '#/components/schemas/Station')),
            new OA\Property(property: 'care', type: 'array', items: new OA\Items(ref: '#/components/schemas/Care')),
            new OA\Property(property: 'clear', ref: '#/components/schemas/PlannedClear'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PlannedClear',
        required: ['fades', 'other', 'edge'],
        type: 'object',
        properties: [
            new OA\Property(property: 'fades', type: 'boolean'),
            new OA\Property(
                property: 'other',
                description: 'the same plan with its clear ended the other way',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/CoatStep'),
                nullable: true,
            ),
            new OA\Property(
                property: 'edge',
                nullable: true,
                oneOf: [new OA\Schema(ref: '#/components/schemas/ClearEdge')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Care',
        required: ['key', 'title', 'steps'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'title', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ClearEdge',
        required: [
            'mm',
            'um',
            'full',
            'ends',
            'scuffed',
            'step',
            'hardStep',
            'polishesOut',
            'says',
            'customer',
            'break',
            'after',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'mm', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'um', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'full', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'ends', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'scuffed', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'step', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'hardStep', ref: '#/components/schemas/Figure'),
            new OA\Property(property: 'polishesOut', type: 'boolean'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'customer', ref: '#/components/schemas/Phrase'),
            new OA\Property(
                property: 'break',
                required: ['name', 'away'],
                properties: [
                    new OA\Property(property: 'name', type: 'string'),
                    new OA\Property(property: 'away', ref: '#/components/schemas/Quantity'),
                ],
                type: 'object',
                nullable: true,
            ),
            new OA\Property(property: 'after', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
        ],
    ),
]
final class PlanSchemas {}
