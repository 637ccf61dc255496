<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BeginMix;
use App\Actions\RecordMix;
use App\Http\Requests\MixEventRequest;
use App\Http\Requests\MixRequest;
use App\Http\Resources\MixResource;
use App\Mixing\ScaleFeed;
use App\Models\Mix;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Cups on the scale: begun, weighed, mended, finished, and kept. */
final class MixController extends Controller
{
    /** A list nobody scrolls further. */
    private const MOST = 60;

    /** One answer streams so long, s; whoever still looks asks again. Short, so that nobody holds a worker for long. */
    private const STREAM_S = 8.0;

    /** Frames a second: as fast as a hand can follow. */
    private const FRAMES = 6;

    public function __construct(
        private readonly BeginMix $begin,
        private readonly RecordMix $record,
        private readonly ScaleFeed $feed,
    ) {}

    #[
        OA\Get(
            path: '/api/jobs/{job}/mixes',
            operationId: 'listMixes',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'What was weighed for this job, the newest first',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Mix')),
        ),
    ]
    public function index(RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);
        $query = $job->mixes()->with(['user', 'events.user']);
        $query->orderByDesc('created_at')->limit(self::MOST);

        return new JsonResponse($query->get()->map(fn (Mix $mix): array => MixResource::of($mix))->all());
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/mixes',
            operationId: 'beginMix',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/MixBegun'),
            ),
        ),
    ]
    #[OA\Response(response: 201, description: 'On the scale', content: new OA\JsonContent(ref: '#/components/schemas/Mix'))]
    #[OA\Response(response: 409, description: 'Not now; the sentence says why', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(MixRequest $request, RepairJob $job): JsonResponse
    {
        $this->authorize('update', $job);
        $mix = ($this->begin)(
            $this->user($request),
            $job,
            $request->id(),
            $request->cup(),
            $request->kind(),
            $request->batch(),
            $request->cardsMl(),
        );

        return new JsonResponse(MixResource::of($mix->load(['user', 'events.user']), $this->feed->frame($mix)), 201);
    }

    #[
        OA\Get(
            path: '/api/jobs/{job}/mixes/{mix}',
            operationId: 'showMix',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/mix')],
        ),
    ]
    #[OA\Response(response: 200, description: 'Where it stands', content: new OA\JsonContent(ref: '#/components/schemas/Mix'))]
    public function show(RepairJob $job, Mix $mix): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(MixResource::of($mix->load(['user', 'events.user']), $this->feed->frame($mix)));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/mixes/{mix}/take',
            operationId: 'takePortion',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/mix')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/MixDone'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'What the scale shows counts', content: new OA\JsonContent(ref: '#/components/schemas/Mix'))]
    #[OA\Response(response: 409, description: 'Not now; the sentence says why', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function take(MixEventRequest $request, RepairJob $job, Mix $mix): JsonResponse
    {
        return $this->happened($request, $job, $mix, 'take');
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/mixes/{mix}/recover',
            operationId: 'recoverMix',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/mix')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/MixDone'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'The rest is recomputed', content: new OA\JsonContent(ref: '#/components/schemas/Mix'))]
    #[OA\Response(response: 409, description: 'Not now; the sentence says why', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function recover(MixEventRequest $request, RepairJob $job, Mix $mix): JsonResponse
    {
        return $this->happened($request, $job, $mix, 'recover');
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/mixes/{mix}/accept',
            operationId: 'acceptMix',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/mix')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/MixDone'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Taken as it is', content: new OA\JsonContent(ref: '#/components/schemas/Mix'))]
    #[OA\Response(response: 409, description: 'Not now; the sentence says why', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function accept(MixEventRequest $request, RepairJob $job, Mix $mix): JsonResponse
    {
        return $this->happened($request, $job, $mix, 'accept');
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/mixes/{mix}/finish',
            operationId: 'finishMix',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/mix')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/MixDone'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Finished', content: new OA\JsonContent(ref: '#/components/schemas/Mix'))]
    #[OA\Response(response: 409, description: 'Not now; the sentence says why', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function finish(MixEventRequest $request, RepairJob $job, Mix $mix): JsonResponse
    {
        return $this->happened($request, $job, $mix, 'finish');
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/mixes/{mix}/discard',
            operationId: 'discardMix',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/mix')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/MixDone'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Thrown away; the record stays', content: new OA\JsonContent(ref: '#/components/schemas/Mix'))]
    #[OA\Response(response: 409, description: 'Not now; the sentence says why', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function discard(MixEventRequest $request, RepairJob $job, Mix $mix): JsonResponse
    {
        return $this->happened($request, $job, $mix, 'discard');
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/mixes/{mix}/scale/hand',
            operationId: 'scaleHand',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/mix')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ScaleHand'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'What the simulated scale shows', content: new OA\JsonContent(ref: '#/components/schemas/ScaleFrame'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function hand(Request $request, RepairJob $job, Mix $mix): JsonResponse
    {
        $this->authorize('update', $job);
        $does = ['pour', 'trickle', 'stop', 'drop', 'silent', 'jump', 'cup-off', 'right'];
        $request->validate(['does' => ['required', 'string', Rule::in($does)]], ['does.*' => 'A hand can pour, trickle, drop or stop.']);
        $this->feed->hand($mix, $request->string('does')->toString());

        return new JsonResponse($this->feed->frame($mix->refresh()));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/mixes/{mix}/scale/readings',
            operationId: 'scaleReading',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/mix')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ScaleReading'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Taken in', content: new OA\JsonContent(ref: '#/components/schemas/ScaleFrame'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function reading(Request $request, RepairJob $job, Mix $mix): JsonResponse
    {
        $this->authorize('update', $job);
        $problems = new Problems();
        $f = Fields::of(json_decode($request->getContent(), true), $problems);
        $grams = $f->plain('grams', -1000.0, 30_000.0, 'What the scale shows in g');
        $problems->stop();
        $this->feed->sent($mix, $grams);

        return new JsonResponse($this->feed->frame($mix->refresh()));
    }

    #[
        OA\Get(
            path: '/api/jobs/{job}/mixes/{mix}/scale',
            operationId: 'scaleStream',
            tags: ['cups'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/mix'),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'What the scale shows, one frame a line, for some seconds',
            content: new OA\MediaType(
                mediaType: 'application/x-ndjson',
                schema: new OA\Schema(ref: '#/components/schemas/ScaleFrame'),
            ),
        ),
    ]
    public function stream(Request $request, RepairJob $job, Mix $mix): StreamedResponse
    {
        $this->authorize('view', $job);
        $seconds = min(self::STREAM_S, max(0.0, (float) $request->query('seconds', (string) self::STREAM_S)));

        return new StreamedResponse(
            function () use ($mix, $seconds): void {
                $until = microtime(true) + $seconds;
                do {
                    echo json_encode($this->feed->frame($mix->refresh()->load('events')), JSON_THROW_ON_ERROR), "\n";
                    if (PHP_SAPI === 'fpm-fcgi') {
                        ob_get_level() > 0 && ob_flush();
                        flush();
                    }
                    if (microtime(true) < $until) {
                        usleep(intdiv(1_000_000, self::FRAMES));
                    }
                } while (microtime(true) < $until && connection_aborted() === 0);
            },
            200,
            ['Content-Type' => 'application/x-ndjson', 'Cache-Control' => 'no-store', 'X-Accel-Buffering' => 'no'],
        );
    }

    private function happened(MixEventRequest $request, RepairJob $job, Mix $mix, string $kind): JsonResponse
    {
        $this->authorize('update', $job);
        ($this->record)($this->user($request), $mix, $kind, $request->key(), $request->grams());
        $fresh = $mix->refresh()->load(['user', 'events.user']);

        return new JsonResponse(MixResource::of($fresh, $this->feed->frame($fresh)));
    }
}
