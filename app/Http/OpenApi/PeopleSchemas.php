<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** People and how they like to read. */
#[OA\Schema(schema: 'SignIn', required: ['email', 'password'], type: 'object', properties: [
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
])]
#[OA\Schema(schema: 'Preferences', required: [], type: 'object', properties: [
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'us']),
    new OA\Property(property: 'theme', type: 'string', enum: ['light', 'dark', 'booth']),
    new OA\Property(property: 'weights', type: 'string', enum: ['g', 'oz']),
])]
#[OA\Schema(schema: 'WorkshopName', required: ['name', 'town'], type: 'object', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'town', type: 'string'),
])]
#[OA\Schema(schema: 'Session', required: ['me'], type: 'object', properties: [
    new OA\Property(property: 'me', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Me')]),
])]
#[OA\Schema(schema: 'Me', required: ['name', 'email', 'role', 'workshop', 'units', 'theme', 'weights'], type: 'object', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'role', type: 'string', enum: ['painter', 'lead', 'apprentice']),
    new OA\Property(property: 'workshop', ref: '#/components/schemas/WorkshopName'),
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'us']),
    new OA\Property(property: 'theme', type: 'string', enum: ['light', 'dark', 'booth']),
    new OA\Property(property: 'weights', type: 'string', enum: ['g', 'oz']),
])]
final class PeopleSchemas {}
