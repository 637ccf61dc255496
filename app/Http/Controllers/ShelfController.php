<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ShelfResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
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
}
