<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenWorkshop;
use App\Http\Middleware\OwnPassword;
use App\Http\Requests\FirstRunRequest;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\MeResource;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Support\Timebox;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class SessionController extends Controller
{
    private const FAILURES_A_MINUTE = 10;

    /** Of one address across all accounts: who tries one password after another account by account. */
    private const FAILURES_OF_AN_ADDRESS = 30;

    private const ADDRESS_SECONDS = 600;

    public function __construct(private readonly StatefulGuard $guard) {}

    #[OA\Get(path: '/api/session', operationId: 'session', tags: ['people'])]
    #[
        OA\Response(
            response: 200,
            description: 'Who is signed in, if anybody is',
            content: new OA\JsonContent(ref: '#/components/schemas/Session'),
        ),
    ]
    public function show(Request $request): JsonResponse
    {
        $user = $request->user('sanctum');

        $known = $user instanceof User && $user->put_away_at === null;

        return new JsonResponse([
            'me' => $known ? new MeResource($user->load('workshop')) : null,
            'fresh' => ! $known && ! User::query()->exists(),
        ]);
    }

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
    #[
        OA\Response(
            response: 403,
            description: 'From another address than its own',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function store(SignInRequest $request): MeResource
    {
        // Only failures count, for one account from one address: a whole shop signs in from behind one.
        $key = 'sign-in|' . Str::lower($request->string('email')->value()) . '|' . $request->ip();
        $address = "sign-in-from|{$request->ip()}";
        foreach ([$key => self::FAILURES_A_MINUTE, $address => self::FAILURES_OF_AN_ADDRESS] as $of => $most) {
            if (RateLimiter::tooManyAttempts($of, $most)) {
                throw new ThrottleRequestsException('', null, ['Retry-After' => RateLimiter::availableIn($of)]);
            }
        }
        $isRight = (new Timebox())->call(function (Timebox $box) use ($request): bool {
            $isRight = $this->guard->attempt(Arr::only($request->validated(), ['email', 'password']));
            if ($isRight) {
                $box->returnEarly();
            }

            return $isRight;
        }, Config::integer('auth.patience'));
        if (! $isRight) {
            RateLimiter::hit($key);
            RateLimiter::hit($address, self::ADDRESS_SECONDS);

            throw ValidationException::withMessages(['email' => 'E-mail or password is not right.']);
        }
        RateLimiter::clear($key);
        if ($this->user($request)->put_away_at !== null) {
            $this->guard->logout();

            throw ValidationException::withMessages(['email' => 'This account was put away. Ask your lead.']);
        }
        $request->session()->regenerate();
        $request->session()->put(OwnPassword::SINCE, now()->getTimestamp());

        return new MeResource($this->user($request)->load('workshop'));
    }

    #[
        OA\Post(
            path: '/api/first-run',
            operationId: 'firstRun',
            tags: ['people'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/FirstRun'),
            ),
        ),
    ]
    #[OA\Response(response: 201, description: 'Opened and signed in', content: new OA\JsonContent(ref: '#/components/schemas/Me'))]
    #[OA\Response(response: 409, description: 'Opened already', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[
        OA\Response(
            response: 403,
            description: 'From another address than its own',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function firstRun(FirstRunRequest $request, OpenWorkshop $open): JsonResponse
    {
        $lead = $open($request->shop(), $request->lead());
        $this->guard->login($lead);
        $request->session()->regenerate();
        $request->session()->put(OwnPassword::SINCE, now()->getTimestamp());

        return new JsonResponse(new MeResource($lead->load('workshop')), 201);
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
