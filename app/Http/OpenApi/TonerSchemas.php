<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** Toners of a shop's own, and their drawdowns. */
#[
    OA\Schema(
        schema: 'TonerCard',
        required: ['share', 'spectra'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'share', type: 'number'),
            new OA\Property(property: 'over', type: 'string', enum: ['hiding', 'black', 'white']),
            new OA\Property(
                property: 'spectra',
                description: 'by angle: 31 reflectances from 400 to 700 nm',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'number')),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TonerCardRead',
        required: ['name', 'share', 'over', 'spectra', 'hex'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'share', type: 'number'),
            new OA\Property(property: 'over', type: 'string', enum: ['hiding', 'black', 'white']),
            new OA\Property(
                property: 'spectra',
                description: 'by angle: 31 reflectances from 400 to 700 nm',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'number')),
            ),
            new OA\Property(property: 'hex', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TonerWish',
        required: ['name', 'kind'],
        type: 'object',
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'system', type: 'string', nullable: true),
            new OA\Property(property: 'cards', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerCard')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TonerResidual',
        required: ['card', 'dE'],
        type: 'object',
        properties: [
            new OA\Property(property: 'card', type: 'string'),
            new OA\Property(property: 'dE', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TonerFit',
        required: ['k', 's', 'area', 'grade', 'strength', 'tint', 'areaKnown', 'residuals', 'worst'],
        type: 'object',
        properties: [
            new OA\Property(property: 'k', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 's', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'area', type: 'number'),
            new OA\Property(property: 'grade', type: 'string', nullable: true),
            new OA\Property(property: 'strength', type: 'number'),
            new OA\Property(property: 'tint', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'areaKnown', type: 'boolean'),
            new OA\Property(property: 'residuals', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerResidual')),
            new OA\Property(property: 'worst', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'OwnToner',
        required: ['key', 'name', 'kind', 'system', 'cards', 'fit', 'putAway'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'system', type: 'string', nullable: true),
            new OA\Property(property: 'cards', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerCardRead')),
            new OA\Property(property: 'fit', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/TonerFit')]),
            new OA\Property(property: 'putAway', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TonerBench',
        required: ['toners', 'shipped'],
        type: 'object',
        properties: [
            new OA\Property(property: 'toners', type: 'array', items: new OA\Items(ref: '#/components/schemas/OwnToner')),
            new OA\Property(property: 'shipped', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TonerReadings',
        required: ['samples', 'faults'],
        type: 'object',
        properties: [
            new OA\Property(property: 'samples', type: 'array', items: new OA\Items(ref: '#/components/schemas/TonerCardRead')),
            new OA\Property(property: 'faults', type: 'array', items: new OA\Items(ref: '#/components/schemas/FileFault')),
        ],
    ),
]
final class TonerSchemas {}
