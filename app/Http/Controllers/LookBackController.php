<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenFollowUp;
use App\Actions\RecordLook;
use App\Colour\ColourDesk;
use App\Http\Requests\LookRequest;
use App\Http\Resources\LookResource;
use App\LookBack\LookState;
use App\Models\RepairJob;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalopsis\Findings\LookEvent;
use OpenApi\Attributes as OA;

/** What was seen of a car once it was sprayed, what likely caused it, and what follows from it. */
final class LookBackController extends Controller
{
    public function __construct(private readonly LookState $state, private readonly ColourDesk $desk) {}

    #[
        OA\Get(
            path: '/api/jobs/{job}/look-back',
            operationId: 'showLookBack',
            tags: ['look-back'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[OA\Response(response: 200, description: 'What is known', content: new OA\JsonContent(ref: '#/components/schemas/LookBack'))]
    public function show(RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(LookResource::of($job));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/look-back',
            operationId: 'looked',
            tags: ['look-back'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/LookEvent'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Kept, once', content: new OA\JsonContent(ref: '#/components/schemas/LookBack'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(LookRequest $request, RepairJob $job, RecordLook $record): JsonResponse
    {
        $this->authorize('look', $job);
        $looks = LookState::of($job);
        $known = array_map(fn (LookEvent $e): string => $e->key, [...$looks->findings, ...$looks->struck]);
        $record($this->user($request), $job, $request->event($known));
        $this->desk->remember($job);

        return new JsonResponse(LookResource::of($job));
    }

    #[
        OA\Get(
            path: '/api/jobs/{job}/look-back/causes',
            operationId: 'showCauses',
            tags: ['look-back'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(
                    name: 'finding',
                    in: 'query',
                    required: true,
                    schema: new OA\Schema(type: 'string', format: 'uuid'),
                ),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'What likely caused it, the likeliest first',
            content: new OA\JsonContent(ref: '#/components/schemas/LookCauses'),
        ),
    ]
    #[OA\Response(response: 404, description: 'No such finding', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function causes(Request $request, RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);
        $finding = self::finding($job, $request->query('finding'));
        $judged = $this->state->judged($job, $finding, LookState::of($job));

        return new JsonResponse($judged ?? throw (new ModelNotFoundException())->setModel(RepairJob::class));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/look-back/follow-up',
            operationId: 'followUp',
            tags: ['look-back'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/FollowUp'),
            ),
        ),
    ]
    #[OA\Response(response: 201, description: 'Opened and planned', content: new OA\JsonContent(ref: '#/components/schemas/FollowUpOpened'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function followUp(Request $request, RepairJob $job, OpenFollowUp $open): JsonResponse
    {
        $this->authorize('look', $job);
        $request->validate(
            ['id' => ['required', 'uuid'], 'finding' => ['required', 'uuid'], 'how' => ['required', Rule::in(['wider', 'next-panel'])]],
            ['id.*' => 'An id is a UUID.', 'finding.*' => 'Choose what is to be made good.', 'how.*' => 'It is "wider" or "next-panel".'],
        );
        $finding = self::finding($job, $request->input('finding'));
        $how = $request->input('how') === 'wider' ? 'wider' : 'next-panel';
        $new = $open($this->user($request), $job, $finding, $how, strtolower($request->string('id')->toString()));
        $this->desk->remember($new);
        $this->desk->remember($job);

        return new JsonResponse(['id' => $new->id], 201);
    }

    private static function finding(RepairJob $job, mixed $key): LookEvent
    {
        foreach (LookState::of($job)->findings as $finding) {
            if (is_string($key) && $finding->key === strtolower($key)) {
                return $finding;
            }
        }

        throw (new ModelNotFoundException())->setModel(RepairJob::class);
    }
}
