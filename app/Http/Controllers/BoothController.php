<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DocumentRequest;
use App\Models\RepairJob;
use App\Support\JobDocument;
use App\Support\Planning;
use Illuminate\Http\JsonResponse;
use Kalopsis\Film\HardenerSpeed;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\BoothStation;
use Kalopsis\Job\BoothWalk;
use OpenApi\Attributes as OA;

/** Station 5 before the run: time, air, the walk. */
final class BoothController extends Controller
{
    #[
        OA\Post(
            path: '/api/jobs/{job}/booth',
            operationId: 'boothBefore',
            tags: ['booth'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/BoothAsked'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'The job as a time axis', content: new OA\JsonContent(ref: '#/components/schemas/BoothStation'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function show(DocumentRequest $request, RepairJob $job, Planning $planning): JsonResponse
    {
        $this->authorize('view', $job);
        $plan = $planning->plan(JobDocument::kept($request->document(), $job->workshop_id), $job->workshop_id, $job);
        $problems = new Problems();
        $f = Fields::of(json_decode($request->getContent(), true), $problems);
        $walk = $f->has('walk') ? $f->texts('walk', 60, 80, 'The panels') : [];
        $hardener = $f->has('hardener') ? $f->choice('hardener', HardenerSpeed::class, 'The hardener') : null;
        $problems->stop();

        return new JsonResponse(
            new BoothStation($plan, new BoothWalk($plan, $walk, $hardener)),
            200,
            [],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
