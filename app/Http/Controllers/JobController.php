<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CreateJob;
use App\Actions\SaveDocument;
use App\Colour\ColourDesk;
use App\Colour\Pair;
use App\Http\Requests\DocumentRequest;
use App\Http\Resources\BenchResource;
use App\Http\Resources\JobRow;
use App\Models\RepairJob;
use App\Support\JobDocument;
use App\Support\Planning;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use OpenApi\Attributes as OA;

final class JobController extends Controller
{
    /** A list nobody scrolls further. */
    private const MOST_PUT_AWAY = 200;

    #[
        OA\Get(
            path: '/api/jobs',
            operationId: 'listJobs',
            tags: ['jobs'],
            parameters: [new OA\Parameter(name: 'archived', in: 'query', schema: new OA\Schema(type: 'boolean'))],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The cars in the shop',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/JobRow')),
        ),
    ]
    public function index(Request $request): AnonymousResourceCollection
    {
        $jobs = $this->user($request)->workshop->jobs()->with('headVersion');
        if ($request->boolean('archived')) {
            // Years of cars are put away: older ones are found in the logbook.
            $jobs->whereNotNull('archived_at')->orderByDesc('archived_at')->limit(self::MOST_PUT_AWAY);

            return JobRow::collection($jobs->get());
        }
        $shown = $jobs->whereNull('archived_at')->orderBy('created_at')->orderBy('id');

        // What is due first comes first; what nobody said a time for comes last, in the order it came in.
        return JobRow::collection($shown->get()->sortBy('due_first')->values());
    }

    #[
        OA\Post(
            path: '/api/jobs',
            operationId: 'openJob',
            tags: ['jobs'],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')),
        ),
    ]
    #[OA\Response(response: 201, description: 'Opened', content: new OA\JsonContent(ref: '#/components/schemas/Bench'))]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function store(DocumentRequest $request, CreateJob $create, ColourDesk $desk): JsonResponse
    {
        $this->authorize('create', RepairJob::class);
        $job = $create($this->user($request), $request->document(), $request->id());

        return BenchResource::of($job, $desk->remember($job), 201);
    }

    #[
        OA\Get(
            path: '/api/jobs/{job}',
            operationId: 'showJob',
            tags: ['jobs'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[OA\Response(response: 200, description: 'The bench', content: new OA\JsonContent(ref: '#/components/schemas/Bench'))]
    #[
        OA\Response(
            response: 404,
            description: 'Not in this workshop',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function show(RepairJob $job, ColourDesk $desk): JsonResponse
    {
        $this->authorize('view', $job);

        return BenchResource::of($job, $desk->benchPlan($job));
    }

    #[
        OA\Put(
            path: '/api/jobs/{job}',
            operationId: 'saveJob',
            tags: ['jobs'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/ifMatch'),
            ],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Saved as a new version',
            content: new OA\JsonContent(ref: '#/components/schemas/Bench'),
        ),
    ]
    #[
        OA\Response(
            response: 412,
            description: 'Changed meanwhile',
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
    public function update(DocumentRequest $request, RepairJob $job, SaveDocument $save, ColourDesk $desk): JsonResponse
    {
        $this->authorize('update', $job);
        $plan = $save($this->user($request), $job, $request->document(), $this->onVersion($request), $request->change());

        return BenchResource::of($job->refresh(), $desk->remember($job, $plan));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/preview',
            operationId: 'previewJob',
            tags: ['jobs'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'What the plan would be; nothing is saved',
            content: new OA\JsonContent(ref: '#/components/schemas/Preview'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function preview(DocumentRequest $request, RepairJob $job, Planning $planning, ColourDesk $desk): JsonResponse
    {
        $this->authorize('view', $job);

        $pair = Pair::of($job);
        $plan = $planning->plan(JobDocument::kept($request->document(), $job->workshop_id), $job->workshop_id, $pair);

        return BenchResource::preview($desk->benchPlan($job, $plan, $pair));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/archive',
            operationId: 'archiveJob',
            tags: ['jobs'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[OA\Response(response: 204, description: 'Put away')]
    #[
        OA\Response(
            response: 403,
            description: 'Not a lead',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function archive(RepairJob $job): JsonResponse
    {
        $this->authorize('archive', $job);
        $job->update(['archived_at' => $job->archived_at ?? now()]);

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/restore',
            operationId: 'restoreJob',
            tags: ['jobs'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[OA\Response(response: 204, description: 'Back in the shop')]
    #[
        OA\Response(
            response: 403,
            description: 'Not a lead',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function restore(RepairJob $job): JsonResponse
    {
        $this->authorize('archive', $job);
        $job->update(['archived_at' => null]);

        return new JsonResponse(null, 204);
    }
}
