<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PreferencesRequest;
use App\Http\Resources\MeResource;
use App\People\Devices;
use App\People\Passwords;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class MeController extends Controller
{
    private const FAILURES_A_MINUTE = 10;

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

    #[
        OA\Post(
            path: '/api/me/password',
            operationId: 'changePassword',
            tags: ['people'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/PasswordChange'),
            ),
        ),
    ]
    #[OA\Response(
        response: 200,
        description: 'Changed, signed out elsewhere',
        content: new OA\JsonContent(ref: '#/components/schemas/Me'),
    )]
    #[OA\Response(
        response: 422,
        description: 'Faults by field',
        content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
    )]
    public function password(Request $request): MeResource
    {
        $user = $this->user($request);
        $request->validate(
            ['current' => ['required', 'string', 'max:190'], 'password' => ['required', 'string']],
            ['current.*' => 'Type the password you have now.', 'password.*' => 'Choose a new password.'],
        );
        [$current, $password] = [$request->string('current')->toString(), $request->string('password')->toString()];
        $key = "password|{$user->id}";
        if (RateLimiter::tooManyAttempts($key, self::FAILURES_A_MINUTE)) {
            throw new ThrottleRequestsException('', null, ['Retry-After' => RateLimiter::availableIn($key)]);
        }
        if (! Passwords::isRight($user, $current)) {
            RateLimiter::hit($key);

            throw ValidationException::withMessages(['current' => 'This is not the password you have now.']);
        }
        Passwords::check($password, 'password', $user->name, $user->email);
        if ($password === $current) {
            throw ValidationException::withMessages(['password' => 'Another one than before, please.']);
        }
        $user->update(['password' => $password, 'must_change' => false]);
        Devices::end($user, $request->session()->getId());

        return new MeResource($user->load('workshop'));
    }

    #[OA\Get(path: '/api/me/devices', operationId: 'myDevices', tags: ['people'])]
    #[OA\Response(
        response: 200,
        description: 'Where I am signed in',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Device')),
    )]
    public function devices(Request $request): JsonResponse
    {
        return new JsonResponse(Devices::of($this->user($request), $request->session()->getId()));
    }

    #[OA\Post(path: '/api/me/sign-out-elsewhere', operationId: 'signOutElsewhere', tags: ['people'])]
    #[OA\Response(response: 204, description: 'Signed out everywhere but here')]
    public function signOutElsewhere(Request $request): JsonResponse
    {
        Devices::end($this->user($request), $request->session()->getId());

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/api/me/devices/{key}/sign-out',
            operationId: 'signOutDevice',
            tags: ['people'],
            parameters: [new OA\Parameter(name: 'key', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        ),
    ]
    #[OA\Response(response: 204, description: 'Signed out there')]
    public function signOutDevice(Request $request, string $key): JsonResponse
    {
        Devices::endOne($this->user($request), $key);

        return new JsonResponse(null, 204);
    }
}
