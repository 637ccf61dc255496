<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Http\Resources\MeResource;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class SessionController extends Controller
{
    public function __construct(private readonly StatefulGuard $guard) {}

    #[
        OA\Post(
            path: '/api/login',
            operationId: 'signIn',
            tags: ['people'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/SignIn'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: '#/components/schemas/Me'))]
    #[
        OA\Response(
            response: 422,
            description: 'Wrong e-mail or password',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function store(SignInRequest $request): MeResource
    {
        if (! $this->guard->attempt(Arr::only($request->validated(), ['email', 'password']), true)) {
            throw ValidationException::withMessages(['email' => 'E-mail or password is not right.']);
        }
        $request->session()->regenerate();

        return new MeResource($this->user($request)->load('workshop'));
    }

    #[OA\Post(path: '/api/logout', operationId: 'signOut', tags: ['people'])]
    #[OA\Response(response: 204, description: 'Signed out')]
    public function destroy(Request $request): JsonResponse
    {
        $this->guard->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(null, 204);
    }
}
