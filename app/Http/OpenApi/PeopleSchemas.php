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
#[OA\Schema(schema: 'Session', required: ['me', 'fresh'], type: 'object', properties: [
    new OA\Property(property: 'fresh', description: 'nobody has an account yet', type: 'boolean'),
    new OA\Property(property: 'me', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Me')]),
])]
#[OA\Schema(schema: 'Me', required: ['name', 'email', 'role', 'workshop', 'units', 'theme', 'weights', 'paper', 'mustChange'], type: 'object', properties: [
    new OA\Property(property: 'paper', type: 'string', enum: ['A4', 'letter']),
    new OA\Property(property: 'mustChange', description: 'the password was given by a lead', type: 'boolean'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'role', type: 'string', enum: ['painter', 'lead', 'apprentice']),
    new OA\Property(property: 'workshop', ref: '#/components/schemas/WorkshopName'),
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'us']),
    new OA\Property(property: 'theme', type: 'string', enum: ['light', 'dark', 'booth']),
    new OA\Property(property: 'weights', type: 'string', enum: ['g', 'oz']),
])]
#[OA\Schema(schema: 'FirstRun', required: ['workshop', 'name', 'email', 'password', 'units', 'paper', 'booth'], type: 'object', properties: [
    new OA\Property(property: 'workshop', type: 'string'),
    new OA\Property(property: 'town', type: 'string', nullable: true),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'us']),
    new OA\Property(property: 'paper', type: 'string', enum: ['A4', 'letter']),
    new OA\Property(property: 'booth', type: 'string'),
])]
#[OA\Schema(schema: 'PasswordChange', required: ['current', 'password'], type: 'object', properties: [
    new OA\Property(property: 'current', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
])]
#[OA\Schema(schema: 'FirstPassword', required: ['password'], type: 'object', properties: [
    new OA\Property(property: 'password', type: 'string'),
])]
#[OA\Schema(schema: 'NewPerson', required: ['name', 'email', 'role', 'password'], type: 'object', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'role', type: 'string', enum: ['painter', 'lead', 'apprentice']),
    new OA\Property(property: 'password', type: 'string'),
])]
#[OA\Schema(schema: 'PersonChange', required: [], type: 'object', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'role', type: 'string', enum: ['painter', 'lead', 'apprentice']),
    new OA\Property(property: 'putAway', type: 'boolean'),
])]
#[OA\Schema(schema: 'Device', required: ['key', 'device', 'at', 'here'], type: 'object', properties: [
    new OA\Property(property: 'key', type: 'string'),
    new OA\Property(property: 'device', type: 'string'),
    new OA\Property(property: 'at', type: 'string'),
    new OA\Property(property: 'here', type: 'boolean'),
])]
#[OA\Schema(schema: 'Person', required: ['id', 'name', 'email', 'role', 'putAway', 'mustChange', 'devices'], type: 'object', properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'role', type: 'string', enum: ['painter', 'lead', 'apprentice']),
    new OA\Property(property: 'putAway', type: 'boolean'),
    new OA\Property(property: 'mustChange', type: 'boolean'),
    new OA\Property(property: 'devices', type: 'array', items: new OA\Items(ref: '#/components/schemas/Device')),
])]
#[OA\Schema(schema: 'Happening', required: ['kind', 'about', 'by', 'at'], type: 'object', properties: [
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'about', type: 'string'),
    new OA\Property(property: 'by', type: 'string', nullable: true),
    new OA\Property(property: 'at', type: 'string'),
])]
final class PeopleSchemas {}
