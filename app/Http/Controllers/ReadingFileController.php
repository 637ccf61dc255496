<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReadFile;
use App\Actions\TakeReadings;
use App\Colour\ExportReadings;
use App\Models\ReadingImport;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Kalopsis\Exchange\FileFormat;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ReadingFileController extends Controller
{
    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/imports',
            operationId: 'readReadingFile',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(name: 'name', in: 'query', schema: new OA\Schema(type: 'string')),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\MediaType(
                    mediaType: 'application/octet-stream',
                    schema: new OA\Schema(type: 'string', format: 'binary'),
                ),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'What is in the file; nothing is taken yet',
            content: new OA\JsonContent(ref: '#/components/schemas/ReadingImport'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Not a file of readings',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function store(Request $request, RepairJob $job, ReadFile $read): JsonResponse
    {
        $this->authorize('update', $job);

        return new JsonResponse(
            $read(
                $this->user($request),
                $job,
                $request->string('name')->limit(120, '')->toString(),
                $request->getContent(),
            ),
            201,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/imports/{import}/take',
            operationId: 'takeReadings',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/import'),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/TakeWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'A line of JSON for each step, {done, of}; the last one is {taken} or {title, detail}',
            content: new OA\MediaType(mediaType: 'application/x-ndjson', schema: new OA\Schema(type: 'string')),
        ),
    ]
    public function take(Request $request, RepairJob $job, ReadingImport $import, TakeReadings $take): StreamedResponse
    {
        $this->authorize('update', $job);
        $user = $this->user($request);
        $as = array_filter((array) $request->input('as', []), is_string(...));
        $named = $request->input('instrument');
        $instrument = is_string($named) ? mb_substr(trim($named), 0, 60) : '';

        return new StreamedResponse(
            function () use ($take, $user, $job, $import, $as, $instrument): void {
                foreach ($take($user, $job, $import, $as, $instrument) as $step) {
                    echo json_encode($step, JSON_UNESCAPED_UNICODE), "\n";
                    if (ob_get_level() > 0) {
                        ob_flush();
                    }
                    flush();
                }
            },
            200,
            ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no', 'Cache-Control' => 'no-store'],
        );
    }

    #[
        OA\Get(
            path: '/api/jobs/{job}/colour/file',
            operationId: 'downloadReadings',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(
                    name: 'format',
                    in: 'query',
                    schema: new OA\Schema(type: 'string', enum: ['csv', 'cgats', 'cxf']),
                ),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'All readings of the job (docs/formats/readings.md)',
            content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
        ),
    ]
    public function show(Request $request, RepairJob $job, ExportReadings $export): Response
    {
        $this->authorize('view', $job);
        $format = FileFormat::tryFrom($request->string('format')->toString()) ?? FileFormat::Csv;
        $name = Str::slug("{$job->label} {$job->plate} readings") . '.' . $format->extension();

        return new Response($export($job, $format), 200, [
            'Content-Type' => $format->mediaType(),
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }
}
