<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ShelfResource;
use App\Models\Happening;
use App\Policies\Right;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\BlendLimits;
use Kalopsis\Job\Equipment;
use OpenApi\Attributes as OA;

final class ShelfController extends Controller
{
    #[OA\Get(path: '/api/shelf', operationId: 'shelf', tags: ['shelf'])]
    #[
        OA\Response(
            response: 200,
            description: 'What the shop has: body shapes, paint systems, colours, schools',
            content: new OA\JsonContent(ref: '#/components/schemas/Shelf'),
        ),
    ]
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(ShelfResource::of($this->user($request)->workshop));
    }

    #[OA\Put(path: '/api/shelf/equipment', operationId: 'keepEquipment', tags: ['shelf'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/Equipment'),
    ))]
    #[OA\Response(response: 200, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/Equipment'))]
    #[OA\Response(response: 403, description: 'Not a lead', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function equip(Request $request): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepEquipment);
        $problems = new Problems();
        $equipment = Equipment::read(Fields::of(json_decode($request->getContent(), true), $problems));
        $problems->stop();
        $user->workshop->update([
            'equipment' => json_decode((string) json_encode($equipment), true),
            'booths' => $equipment->boothNames(),
        ]);
        Happening::add($user, 'equipment-changed', implode(', ', $equipment->boothNames()));

        return new JsonResponse($user->workshop->equipment());
    }

    #[
        OA\Put(
            path: '/api/shelf/blend-limits',
            operationId: 'limitBlends',
            tags: ['shelf'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/BlendLimits'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Kept for the shop',
            content: new OA\JsonContent(ref: '#/components/schemas/BlendLimits'),
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
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function limit(Request $request): JsonResponse
    {
        $user = $this->entitled($request, Right::LimitBlends);
        $problems = new Problems();
        $limits = BlendLimits::read(Fields::of(json_decode($request->getContent(), true), $problems));
        $problems->stop();
        $user->workshop->blend_limits = $limits->jsonSerialize();
        $user->workshop->save();

        return new JsonResponse($limits);
    }
}
