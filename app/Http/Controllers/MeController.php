<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PreferencesRequest;
use App\Http\Resources\MeResource;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use OpenApi\Attributes as OA;

final class MeController extends Controller
{
    #[OA\Get(path: '/api/me', operationId: 'me', tags: ['people'])]
    #[
        OA\Response(
            response: 200,
            description: 'Who is signed in',
            content: new OA\JsonContent(ref: '#/components/schemas/Me'),
        ),
    ]
    public function show(Request $request): MeResource
    {
        return new MeResource($this->user($request)->load('workshop'));
    }

    #[
        OA\Patch(
            path: '/api/me',
            operationId: 'setPreferences',
            tags: ['people'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/Preferences'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Saved', content: new OA\JsonContent(ref: '#/components/schemas/Me'))]
    public function update(PreferencesRequest $request): MeResource
    {
        $user = $this->user($request);
        $user->update(Arr::only($request->validated(), ['units', 'theme', 'weights']));

        return new MeResource($user->load('workshop'));
    }
}
