<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ExportJob;
use App\Actions\ImportJob;
use App\Colour\ColourDesk;
use App\Http\Resources\BenchResource;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;
use stdClass;

final class JobFileController extends Controller
{
    #[
        OA\Get(
            path: '/api/jobs/{job}/file',
            operationId: 'downloadJob',
            tags: ['jobs'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The whole job as a file (docs/formats/job.schema.json)',
            content: new OA\JsonContent(ref: '#/components/schemas/JobDocument'),
        ),
    ]
    public function show(RepairJob $job, ExportJob $export): JsonResponse
    {
        $this->authorize('view', $job);
        $name = Str::slug("{$job->label} {$job->plate}") . '.kalopsis.json';

        return new JsonResponse(
            $export($job),
            200,
            ['Content-Disposition' => "attachment; filename=\"{$name}\""],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
        );
    }

    #[
        OA\Post(
            path: '/api/jobs/import',
            operationId: 'uploadJob',
            tags: ['jobs'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/JobDocument'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'Opened as a new job',
            content: new OA\JsonContent(ref: '#/components/schemas/Bench'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function store(Request $request, ImportJob $import, ColourDesk $desk): JsonResponse
    {
        $this->authorize('create', RepairJob::class);
        $file = json_decode($request->getContent(), true);
        // A second time with its objects as objects: what was recorded is kept as it was written.
        $whole = isset($file['record']) ? json_decode($request->getContent()) : null;
        $job = $import($this->user($request), is_array($file) ? $file : [], $whole instanceof stdClass ? $whole->record : null);

        return BenchResource::of($job, $desk->remember($job), 201);
    }
}
