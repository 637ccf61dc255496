<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StepHistory;
use App\Colour\ColourDesk;
use App\Http\Resources\BenchResource;
use App\Models\JobVersion;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class HistoryController extends Controller
{
    /** A list nobody scrolls further. */
    private const MOST = 200;

    #[
        OA\Get(
            path: '/api/jobs/{job}/history',
            operationId: 'jobHistory',
            tags: ['jobs'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'What happened, newest first',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Version')),
        ),
    ]
    public function index(RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);
        $versions = $job->versions()->with('user');
        $versions->orderByDesc('number')->limit(self::MOST);

        return new JsonResponse(
            $versions
                ->get(['id', 'repair_job_id', 'number', 'kind', 'change', 'user_id', 'author', 'created_at'])
                ->map(
                    fn (JobVersion $v): array => [
                        'number' => $v->number,
                        'kind' => $v->kind,
                        'change' => $v->change,
                        'by' => $v->by(),
                        'at' => $v->created_at->toIso8601String(),
                    ],
                )
                ->all(),
        );
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/undo',
            operationId: 'undo',
            tags: ['jobs'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/ifMatch'),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'One step back, as a new version',
            content: new OA\JsonContent(ref: '#/components/schemas/Bench'),
        ),
    ]
    #[
        OA\Response(
            response: 409,
            description: 'Nothing to undo',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function undo(Request $request, RepairJob $job, StepHistory $step, ColourDesk $desk): JsonResponse
    {
        return $this->step($request, $job, $step, $desk, true);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/redo',
            operationId: 'redo',
            tags: ['jobs'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/ifMatch'),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'One step on again, as a new version',
            content: new OA\JsonContent(ref: '#/components/schemas/Bench'),
        ),
    ]
    #[
        OA\Response(
            response: 409,
            description: 'Nothing to redo',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function redo(Request $request, RepairJob $job, StepHistory $step, ColourDesk $desk): JsonResponse
    {
        return $this->step($request, $job, $step, $desk, false);
    }

    private function step(Request $request, RepairJob $job, StepHistory $step, ColourDesk $desk, bool $back): JsonResponse
    {
        $this->authorize('update', $job);
        $step($this->user($request), $job, $back, $this->onVersion($request));
        $job->refresh();

        return BenchResource::of($job, $desk->remember($job));
    }
}
