<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BeginRun;
use App\Actions\RecordRun;
use App\Booth\RunCsv;
use App\Booth\RunState;
use App\Colour\ColourDesk;
use App\Http\Requests\RunEventsRequest;
use App\Http\Resources\RunResource;
use App\Models\BoothRun;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** The run in the booth: begun, led on tablets, kept. */
final class RunController extends Controller
{
    /** A list nobody scrolls further. */
    private const MOST = 30;

    public function __construct(private readonly ColourDesk $desk) {}

    #[
        OA\Get(
            path: '/api/jobs/{job}/runs',
            operationId: 'listRuns',
            tags: ['booth'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Runs of this car, the newest first',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/RunRow')),
        ),
    ]
    public function index(RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);
        $query = $job->runs()->with(['user', 'events.user']);
        $query->orderByDesc('created_at')->limit(self::MOST);

        return new JsonResponse($query->get()->map(fn (BoothRun $run): array => RunResource::row($run))->all());
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/runs',
            operationId: 'beginRun',
            tags: ['booth'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/RunBegun'),
            ),
        ),
    ]
    #[OA\Response(response: 201, description: 'In the booth', content: new OA\JsonContent(ref: '#/components/schemas/Run'))]
    #[OA\Response(response: 409, description: 'Not now; the sentence says why', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(Request $request, RepairJob $job, BeginRun $begin): JsonResponse
    {
        $this->authorize('update', $job);
        $request->validate(['id' => ['required', 'uuid']], ['id.*' => 'An id is a UUID.']);
        $run = $begin($this->user($request), $job, strtolower($request->string('id')->toString()));
        $this->desk->remember($job);

        return new JsonResponse(RunResource::of($run), 201);
    }

    #[
        OA\Get(
            path: '/api/jobs/{job}/runs/{run}',
            operationId: 'showRun',
            tags: ['booth'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/run')],
        ),
    ]
    #[OA\Response(response: 200, description: 'Everything a tablet needs to lead it', content: new OA\JsonContent(ref: '#/components/schemas/Run'))]
    public function show(RepairJob $job, BoothRun $run): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(RunResource::of($run));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/runs/{run}/events',
            operationId: 'runHappened',
            tags: ['booth'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/run')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/RunEvents'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Kept, each once; everything that happened so far, from every tablet',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/RunEvent')),
        ),
    ]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function happened(RunEventsRequest $request, RepairJob $job, BoothRun $run, RecordRun $record): JsonResponse
    {
        $this->authorize('update', $job);
        $before = RunState::of($run)->at;
        $events = $request->events();
        if ($events !== []) {
            $record($this->user($request), $run, $events, $request->clockMs());
        }
        $fresh = $run->refresh()->load('events.user');
        if (RunState::of($fresh)->at !== $before) {
            $this->desk->remember($job);
        }

        return new JsonResponse(RunResource::events($fresh));
    }

    #[
        OA\Get(
            path: '/api/jobs/{job}/runs/{run}/record',
            operationId: 'runRecord',
            tags: ['booth'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/run'),
                new OA\Parameter(name: 'format', in: 'query', schema: new OA\Schema(type: 'string', enum: ['json', 'csv'])),
            ],
        ),
    ]
    #[OA\Response(response: 200, description: 'What really happened', content: new OA\JsonContent(ref: '#/components/schemas/RunRecord'))]
    public function record(Request $request, RepairJob $job, BoothRun $run): JsonResponse|Response
    {
        $this->authorize('view', $job);
        if ($request->query('format') === 'csv') {
            return new Response(RunCsv::of(RunState::record($run)), 200, [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="run.csv"',
            ]);
        }

        return new JsonResponse(RunResource::record($run));
    }
}
