<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PassCard;
use App\Colour\ColourDesk;
use App\Colour\DeskEvents;
use App\Http\Resources\ColourDeskResource;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Policies\Right;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\Light;
use Kalopsis\Card\LookFrom;
use OpenApi\Attributes as OA;

final class ColourGateController extends Controller
{
    public function __construct(private readonly ColourDesk $desk) {}

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/eye',
            operationId: 'lookAtCard',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/EyeWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'Kept beside the instrument',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    public function eye(Request $request, RepairJob $job, ColourSample $sample): JsonResponse
    {
        $this->authorize('update', $job);
        $body = $request->validate(
            [
                'light' => ['required', Rule::enum(Light::class)],
                'from' => ['required', Rule::enum(LookFrom::class)],
                'verdict' => ['required', Rule::enum(EyeVerdict::class)],
            ],
            [
                'light.*' => 'Say in which light.',
                'from.*' => 'Say from where: face, near face or flop.',
                'verdict.*' => 'Say what you see: matches, would blend, or off.',
            ],
        );
        DeskEvents::add($job, $this->user($request), 'eye', $sample, $body);

        return $this->answer($job, 201);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/pass',
            operationId: 'passCard',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ReasonWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'Passed for the plan as it is now',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    #[
        OA\Response(
            response: 409,
            description: 'It cannot pass',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'A reason is wanted',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function pass(Request $request, RepairJob $job, ColourSample $sample, PassCard $pass): JsonResponse
    {
        $this->authorize('update', $job);
        $pass($this->user($request), $job, $sample, $this->reason($request, false));

        return $this->answer($job, 201);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/override',
            operationId: 'overrideGate',
            tags: ['colour'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ReasonWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'Opened by the lead',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    #[
        OA\Response(
            response: 403,
            description: 'Not a lead',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function override(Request $request, RepairJob $job): JsonResponse
    {
        $this->authorize('update', $job);
        $this->entitled($request, Right::OpenBooth);
        DeskEvents::add(
            $job,
            $this->user($request),
            'override',
            null,
            ['reason' => $this->reason($request, true)],
            $this->desk->plan($job),
        );

        return $this->answer($job, 201);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/close',
            operationId: 'closeGate',
            tags: ['colour'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'Taken back; the booth is locked again',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    public function close(Request $request, RepairJob $job): JsonResponse
    {
        $this->authorize('update', $job);
        DeskEvents::add($job, $this->user($request), 'close', null, [], $this->desk->plan($job));

        return $this->answer($job, 201);
    }

    private function reason(Request $request, bool $needed): string
    {
        $request->validate(
            ['reason' => [$needed ? 'required' : 'nullable', 'string', $needed ? 'min:3' : 'min:0', 'max:400']],
            ['reason.*' => 'Give a reason of 3 to 400 characters; it is kept in the record.'],
        );

        return trim($request->string('reason')->toString());
    }

    private function answer(RepairJob $job, int $status): JsonResponse
    {
        $plan = $this->desk->remember($job);

        return ColourDeskResource::of($this->desk->of($job, $plan), $status);
    }
}
