<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** A job as it is entered; docs/formats/job.schema.json says the same to other programs. */
#[OA\Schema(schema: 'CarPart', required: ['label', 'bodyShape'], type: 'object', properties: [
    new OA\Property(property: 'label', type: 'string'),
    new OA\Property(property: 'plate', type: 'string'),
    new OA\Property(property: 'bodyShape', type: 'string'),
])]
#[OA\Schema(schema: 'ColourPart', required: ['name', 'finish'], type: 'object', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'finish', type: 'string', enum: ['solid-dark', 'solid-light', 'metallic-dark', 'metallic-light', 'pearl']),
    new OA\Property(property: 'undercoatShade', type: 'integer', nullable: true),
])]
#[OA\Schema(schema: 'BoothPart', required: ['temperatureC', 'humidityPercent'], type: 'object', properties: [
    new OA\Property(property: 'temperatureC', type: 'number'),
    new OA\Property(property: 'humidityPercent', type: 'number'),
])]
#[OA\Schema(schema: 'RepairShape', required: ['kind'], type: 'object', properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['spot', 'outline', 'new-part']),
    new OA\Property(property: 'xMm', type: 'number'),
    new OA\Property(property: 'yMm', type: 'number'),
    new OA\Property(property: 'radiusMm', type: 'number'),
    new OA\Property(property: 'points', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
])]
#[OA\Schema(schema: 'UnderPart', required: ['kind'], type: 'object', properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['old-two-pack', 'thermoplastic-lacquer', 'primer', 'bare-metal', 'bare-plastic', 'new-primed-part']),
    new OA\Property(property: 'greyShade', type: 'integer', nullable: true),
])]
#[OA\Schema(schema: 'RepairPart', required: ['id', 'panel', 'shape', 'under'], type: 'object', properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'panel', type: 'string'),
    new OA\Property(property: 'shape', ref: '#/components/schemas/RepairShape'),
    new OA\Property(property: 'under', ref: '#/components/schemas/UnderPart'),
])]
#[OA\Schema(schema: 'CoatMove', required: ['reachMm'], type: 'object', properties: [
    new OA\Property(property: 'reachMm', type: 'number'),
])]
#[OA\Schema(schema: 'SideDecision', required: ['panel', 'neighbour', 'choice'], type: 'object', properties: [
    new OA\Property(property: 'panel', type: 'string'),
    new OA\Property(property: 'neighbour', type: 'string'),
    new OA\Property(property: 'choice', type: 'string', enum: ['join', 'stop-at-line', 'butt']),
])]
#[OA\Schema(schema: 'PlanPart', required: ['school'], type: 'object', properties: [
    new OA\Property(property: 'school', type: 'string', enum: ['inside-out-wet-bed', 'inside-out-bed-wet', 'bed-before-each', 'outside-in', 'coat-and-a-half', 'control-after-each', 'transparent-last', 'over-reduced-fade', 'towards-each-other', 'no-wet-bed', 'edge-to-edge']),
    new OA\Property(property: 'gun', type: 'string', enum: ['standard', 'small']),
    new OA\Property(property: 'wetBed', type: 'string', enum: ['auto', 'on', 'off']),
    new OA\Property(property: 'coats', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/CoatMove')),
    new OA\Property(property: 'sides', type: 'array', items: new OA\Items(ref: '#/components/schemas/SideDecision')),
    new OA\Property(property: 'ratios', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'remainderMl', type: 'number'),
])]
#[OA\Schema(schema: 'JobDocument', required: ['car', 'colour', 'paintSystem', 'booth', 'repairs', 'plan'], type: 'object', properties: [
    new OA\Property(property: 'format', type: 'string'),
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'car', ref: '#/components/schemas/CarPart'),
    new OA\Property(property: 'colour', ref: '#/components/schemas/ColourPart'),
    new OA\Property(property: 'paintSystem', type: 'string'),
    new OA\Property(property: 'booth', ref: '#/components/schemas/BoothPart'),
    new OA\Property(property: 'repairs', type: 'array', items: new OA\Items(ref: '#/components/schemas/RepairPart')),
    new OA\Property(property: 'plan', ref: '#/components/schemas/PlanPart'),
    new OA\Property(property: 'bodyShapeSvg', type: 'string'),
    new OA\Property(property: 'paintSystemSheet', type: 'object'),
])]
#[OA\Schema(schema: 'Edit', required: ['document'], type: 'object', properties: [
    new OA\Property(property: 'document', ref: '#/components/schemas/JobDocument'),
    new OA\Property(property: 'change', type: 'string'),
    new OA\Property(property: 'id', type: 'string'),
])]
final class DocumentSchemas {}
