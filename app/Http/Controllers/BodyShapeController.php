<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\BodyShapeResource;
use App\Models\BodyShapeRecord;
use App\Models\User;
use App\Policies\Right;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\PanelSizes;
use OpenApi\Attributes as OA;

final class BodyShapeController extends Controller
{
    #[
        OA\Get(
            path: '/api/bodies/{key}',
            operationId: 'showBody',
            tags: ['shelf'],
            parameters: [
                new OA\Parameter(name: 'key', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(
                    name: 'sizes',
                    description: 'panels that were measured on this car, as JSON: {"bonnet": {"alongMm": 1010}}',
                    in: 'query',
                    schema: new OA\Schema(type: 'string'),
                ),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Panels and seams in mm',
            content: new OA\JsonContent(ref: '#/components/schemas/BodyShape'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'No car is like that',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    #[
        OA\Response(
            response: 404,
            description: 'Not on this shelf',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function show(Request $request, string $key): JsonResponse
    {
        $drawn = BodyShapeSvg::read($this->find($this->user($request), $key)->svg);
        $problems = new Problems();
        $asked = $request->query('sizes');
        $sizes = PanelSizes::read(Fields::of(is_string($asked) ? json_decode($asked, true) : [], $problems, 'sizes'), $drawn);
        $problems->stop();

        try {
            return new JsonResponse(BodyShapeResource::of($sizes->on($drawn)));
        } catch (InvalidInput $bad) {
            throw $bad->under('sizes');
        }
    }

    #[
        OA\Get(
            path: '/api/bodies/{key}/svg',
            operationId: 'downloadBody',
            tags: ['shelf'],
            parameters: [new OA\Parameter(name: 'key', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The drawing (docs/formats/body-shape.md)',
            content: new OA\MediaType(mediaType: 'image/svg+xml', schema: new OA\Schema(type: 'string')),
        ),
    ]
    public function svg(Request $request, string $key): Response
    {
        return new Response($this->find($this->user($request), $key)->svg, 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"{$key}.svg\"",
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
        ]);
    }

    #[
        OA\Post(
            path: '/api/bodies',
            operationId: 'uploadBody',
            tags: ['shelf'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/BodyUpload'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'On the shelf',
            content: new OA\JsonContent(ref: '#/components/schemas/BodyShape'),
        ),
    ]
    #[
        OA\Response(
            response: 403,
            description: 'Not a lead',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Not a drawing that can be read',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function store(Request $request): JsonResponse
    {
        $user = $this->entitled($request, Right::AddDrawings);
        $svg = $request->input('svg');
        $body = BodyShapeSvg::read(is_string($svg) ? $svg : '');
        $known = BodyShapeRecord::query()->where('workshop_id', $user->workshop_id)->where('key', $body->key)->first();
        if ($known !== null && $known->put_away_at !== null && trim($known->svg) === trim($svg)) {
            // It came with a job, and is now for all.
            $known->update(['put_away_at' => null]);

            return new JsonResponse(BodyShapeResource::of($body), 201);
        }
        if ($known !== null) {
            throw ValidationException::withMessages([
                'svg' => "There is a body shape \"{$body->key}\" already. Give the drawing another data-key.",
            ]);
        }
        BodyShapeRecord::query()->create([
            'workshop_id' => $user->workshop_id,
            'key' => $body->key,
            'name' => $body->name,
            'style' => $body->style,
            'svg' => $svg,
        ]);

        return new JsonResponse(BodyShapeResource::of($body), 201);
    }

    private function find(User $user, string $key): BodyShapeRecord
    {
        return BodyShapeRecord::query()->where('workshop_id', $user->workshop_id)->where('key', $key)->firstOrFail();
    }
}
