<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AdoptTint;
use App\Colour\AdviseTint;
use App\Colour\ColourDesk;
use App\Http\Resources\ColourDeskResource;
use App\Models\ColourSample;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class TintController extends Controller
{
    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/tint',
            operationId: 'adviseTint',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/TintWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Up to three corrections',
            content: new OA\JsonContent(ref: '#/components/schemas/TintAdvice'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function advise(Request $request, RepairJob $job, ColourSample $sample, AdviseTint $advise): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse($advise($job, $sample, $this->cup($request)), 200, [], JSON_UNESCAPED_UNICODE);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/tint/{place}',
            operationId: 'adoptTint',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
                new OA\Parameter(name: 'place', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/TintWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'A new version of the formula, and a card to shoot with it',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    public function adopt(
        Request $request,
        RepairJob $job,
        ColourSample $sample,
        int $place,
        AdoptTint $adopt,
        ColourDesk $desk,
    ): JsonResponse {
        $this->authorize('update', $job);
        $adopt($this->user($request), $job, $sample, $this->cup($request), $place);
        $plan = $desk->remember($job);

        return ColourDeskResource::of($desk->of($job, $plan), 201);
    }

    private function cup(Request $request): ?float
    {
        $request->validate(
            ['cupGrams' => ['sometimes', 'nullable', 'numeric', 'min:1', 'max:20000']],
            ['cupGrams.*' => 'What is in the cup must weigh between 1 and 20000 g.'],
        );
        $grams = $request->input('cupGrams');

        return is_numeric($grams) ? (float) $grams : null;
    }
}
