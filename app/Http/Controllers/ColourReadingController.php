<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddReadings;
use App\Colour\ColourDesk;
use App\Colour\DeskEvents;
use App\Colour\Means;
use App\Colour\Pair;
use App\Devices\Instrument;
use App\Http\Requests\MeasureRequest;
use App\Http\Requests\ReadingsRequest;
use App\Http\Resources\ColourDeskResource;
use App\Models\ColourReading;
use App\Models\ColourSample;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalopsis\Card\ReadingSource;
use Kalopsis\Colour\Measurement;
use OpenApi\Attributes as OA;

final class ColourReadingController extends Controller
{
    /** A list nobody scrolls further. */
    private const MOST = 200;

    public function __construct(private readonly ColourDesk $desk, private readonly AddReadings $add) {}

    #[
        OA\Get(
            path: '/api/jobs/{job}/colour/samples/{sample}/readings',
            operationId: 'listReadings',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The newest shots',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/ColourReading')),
        ),
    ]
    public function index(RepairJob $job, ColourSample $sample): JsonResponse
    {
        $this->authorize('view', $job);
        $query = $sample->readings();
        $query->orderByDesc('id')->limit(self::MOST);
        $newest = $query->get();
        $counted = $newest->whereNull('excluded_at');
        $away = $counted->isEmpty() ? [] : Means::away($counted)->away;
        $outliers = $sample->mean['outliers'] ?? [];

        return new JsonResponse(
            $newest
                ->map(
                    fn (ColourReading $r): array => [
                        'id' => $r->id,
                        'spot' => $r->spot,
                        'surface' => $r->surface->value,
                        'source' => $r->source,
                        'instrument' => $r->instrument,
                        'at' => $r->created_at->toIso8601String(),
                        'excluded' => $r->excluded_at !== null,
                        'standsOut' => in_array(Means::id($r), $outliers, true),
                        'away' => round($away[Means::id($r)] ?? 0.0, 2),
                        'labs' => array_values(Pair::measurement($r->measurement)->labs),
                        'angles' => Pair::measurement($r->measurement)->geometry->angles(),
                    ],
                )
                ->all(),
        );
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/readings',
            operationId: 'addReadings',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ReadingsWish'),
            ),
        ),
    ]
    #[OA\Response(response: 201, description: 'Added', content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'))]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function store(ReadingsRequest $request, RepairJob $job, ColourSample $sample): JsonResponse
    {
        $this->authorize('update', $job);
        $spot = $request->spot();
        ($this->add)(
            $this->user($request),
            $sample,
            array_map(fn (Measurement $m): array => ['spot' => $spot, 'measurement' => $m], $request->measurements()),
            $request->surface(),
            ReadingSource::Typed,
            $request->instrument(),
        );

        return $this->answer($job, 201);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/measure',
            operationId: 'measureSample',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/MeasureWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'Read by the simulated instrument',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    #[
        OA\Response(
            response: 409,
            description: 'It does not know this surface',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function measure(
        MeasureRequest $request,
        RepairJob $job,
        ColourSample $sample,
        Instrument $instrument,
    ): JsonResponse {
        $this->authorize('update', $job);
        $measured = $instrument->measure(
            $job,
            $sample,
            $request->geometry(),
            $request->shots(),
            $sample->readings()->count(),
            $request->fault(),
        );
        $spot = $request->spot();
        ($this->add)(
            $this->user($request),
            $sample,
            array_map(fn (Measurement $m): array => ['spot' => $spot, 'measurement' => $m], $measured),
            $request->surface(),
            $instrument->source(),
        );

        return $this->answer($job, 201);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/readings/{reading}/exclude',
            operationId: 'excludeReading',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
                new OA\Parameter(ref: '#/components/parameters/reading'),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Left out of the mean',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    public function exclude(Request $request, RepairJob $job, ColourSample $sample, ColourReading $reading): JsonResponse
    {
        return $this->count($request, $job, $sample, $reading, false);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/readings/{reading}/include',
            operationId: 'includeReading',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
                new OA\Parameter(ref: '#/components/parameters/reading'),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Counts again',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    public function include(Request $request, RepairJob $job, ColourSample $sample, ColourReading $reading): JsonResponse
    {
        return $this->count($request, $job, $sample, $reading, true);
    }

    private function count(
        Request $request,
        RepairJob $job,
        ColourSample $sample,
        ColourReading $reading,
        bool $counts,
    ): JsonResponse {
        $this->authorize('update', $job);
        if (($reading->excluded_at === null) !== $counts) {
            DeskEvents::add($job, $this->user($request), $counts ? 'include' : 'exclude', $sample, [
                'reading' => $reading->id,
            ]);
            $reading->update(['excluded_at' => $counts ? null : now()]);
            Means::refresh($sample);
        }

        return $this->answer($job);
    }

    private function answer(RepairJob $job, int $status = 200): JsonResponse
    {
        $plan = $this->desk->remember($job);

        return ColourDeskResource::of($this->desk->of($job, $plan), $status);
    }
}
