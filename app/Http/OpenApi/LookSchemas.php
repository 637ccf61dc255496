<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'LookDefect',
        required: ['key', 'name', 'looks', 'picture', 'after', 'polish', 'reblend'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'looks', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'picture', type: 'string'),
            new OA\Property(property: 'after', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/Phrase')]),
            new OA\Property(property: 'polish', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'reblend', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LookFinding',
        required: ['key', 'defect', 'light', 'distanceM', 'panel', 'xMm', 'yMm', 'note', 'at', 'by'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'defect', type: 'string'),
            new OA\Property(property: 'light', type: 'string'),
            new OA\Property(property: 'distanceM', type: 'number'),
            new OA\Property(property: 'panel', type: 'string', nullable: true),
            new OA\Property(property: 'xMm', type: 'number', nullable: true),
            new OA\Property(property: 'yMm', type: 'number', nullable: true),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'at', type: 'string'),
            new OA\Property(property: 'by', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LookPhoto',
        required: ['id', 'finding', 'name', 'by', 'at'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'finding', type: 'string', nullable: true),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'at', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LookAsked',
        required: ['at', 'by', 'again', 'customer', 'note'],
        type: 'object',
        properties: [
            new OA\Property(property: 'at', type: 'string'),
            new OA\Property(property: 'by', type: 'string'),
            new OA\Property(property: 'again', type: 'boolean'),
            new OA\Property(property: 'customer', type: 'string', enum: ['happy', 'noticed', 'complained', 'not-reached']),
            new OA\Property(property: 'note', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LookBack',
        required: [
            'says',
            'lights',
            'defects',
            'findings',
            'struck',
            'clean',
            'delivered',
            'askAt',
            'askNow',
            'asked',
            'followUps',
            'follows',
            'lessons',
            'photos',
            'run',
        ],
        type: 'object',
        properties: [
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(
                property: 'lights',
                type: 'array',
                items: new OA\Items(
                    required: ['key', 'words'],
                    properties: [
                        new OA\Property(property: 'key', type: 'string', enum: ['daylight-lamp', 'shade', 'low-sun', 'warm-indoor']),
                        new OA\Property(property: 'words', type: 'string'),
                    ],
                    type: 'object',
                ),
            ),
            new OA\Property(property: 'defects', type: 'array', items: new OA\Items(ref: '#/components/schemas/LookDefect')),
            new OA\Property(property: 'findings', type: 'array', items: new OA\Items(ref: '#/components/schemas/LookFinding')),
            new OA\Property(property: 'struck', type: 'array', items: new OA\Items(ref: '#/components/schemas/LookFinding')),
            new OA\Property(property: 'clean', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/LookFinding')]),
            new OA\Property(property: 'delivered', type: 'string', nullable: true),
            new OA\Property(property: 'askAt', type: 'string', nullable: true),
            new OA\Property(property: 'askNow', type: 'boolean'),
            new OA\Property(property: 'asked', nullable: true, allOf: [new OA\Schema(ref: '#/components/schemas/LookAsked')]),
            new OA\Property(
                property: 'followUps',
                type: 'array',
                items: new OA\Items(
                    required: ['job', 'how', 'at'],
                    properties: [
                        new OA\Property(property: 'job', description: 'null: in another shop', type: 'string', nullable: true),
                        new OA\Property(property: 'how', type: 'string'),
                        new OA\Property(property: 'at', type: 'string'),
                    ],
                    type: 'object',
                ),
            ),
            new OA\Property(
                property: 'follows',
                required: ['job', 'says'],
                properties: [
                    new OA\Property(property: 'job', description: 'null: in another shop', type: 'string', nullable: true),
                    new OA\Property(property: 'says', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
                ],
                type: 'object',
                nullable: true,
            ),
            new OA\Property(
                property: 'lessons',
                type: 'array',
                items: new OA\Items(
                    required: ['lesson', 'at', 'by'],
                    properties: [
                        new OA\Property(property: 'lesson', type: 'string'),
                        new OA\Property(property: 'at', type: 'string'),
                        new OA\Property(property: 'by', type: 'string'),
                    ],
                    type: 'object',
                ),
            ),
            new OA\Property(property: 'photos', type: 'array', items: new OA\Items(ref: '#/components/schemas/LookPhoto')),
            new OA\Property(property: 'run', type: 'string', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LookEvent',
        required: ['key', 'kind'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string', format: 'uuid'),
            new OA\Property(
                property: 'kind',
                type: 'string',
                enum: ['finding', 'strike', 'restore', 'clean', 'delivered', 'asked', 'lesson'],
            ),
            new OA\Property(property: 'defect', type: 'string'),
            new OA\Property(property: 'light', type: 'string'),
            new OA\Property(property: 'distanceM', type: 'number'),
            new OA\Property(property: 'panel', type: 'string'),
            new OA\Property(property: 'xMm', type: 'number'),
            new OA\Property(property: 'yMm', type: 'number'),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'finding', type: 'string', format: 'uuid'),
            new OA\Property(property: 'again', type: 'boolean'),
            new OA\Property(property: 'customer', type: 'string', enum: ['happy', 'noticed', 'complained', 'not-reached']),
            new OA\Property(property: 'text', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LookCause',
        required: ['key', 'name', 'evidence', 'recorded', 'cure', 'share'],
        type: 'object',
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'name', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'evidence', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'recorded', type: 'boolean'),
            new OA\Property(property: 'cure', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'share', ref: '#/components/schemas/Figure'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LookCauses',
        required: ['finding', 'says', 'how', 'causes', 'else'],
        type: 'object',
        properties: [
            new OA\Property(property: 'finding', type: 'string'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'how', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'causes', type: 'array', items: new OA\Items(ref: '#/components/schemas/LookCause')),
            new OA\Property(property: 'else', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FollowUp',
        required: ['id', 'finding', 'how'],
        type: 'object',
        properties: [
            new OA\Property(property: 'id', type: 'string', format: 'uuid'),
            new OA\Property(property: 'finding', type: 'string', format: 'uuid'),
            new OA\Property(property: 'how', type: 'string', enum: ['wider', 'next-panel']),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FollowUpOpened',
        required: ['id'],
        type: 'object',
        properties: [new OA\Property(property: 'id', type: 'string', format: 'uuid')],
    ),
]
/** Shapes of looking back. */
final class LookSchemas {}
