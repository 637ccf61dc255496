<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Colour\Pair;
use App\Http\Requests\DocumentRequest;
use App\Models\RepairJob;
use App\Support\JobDocument;
use App\Support\Planning;
use App\Support\WorkshopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Kalopsis\Job\Cures;
use Kalopsis\Job\GunsCompared;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobSpec;
use Kalopsis\Job\Offers;
use Kalopsis\Job\SmallestBlend;
use Kalopsis\Job\SprayedPlan;
use Kalopsis\Job\WayOutlook;
use Kalopsis\Panel\Point;
use Kalopsis\Sequence\School;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Sprays a document in the model; nothing is saved. */
final class SimulationController extends Controller
{
    /** A search takes so long at the most, and then answers with the best it found. */
    private const SEARCH_SECONDS = 20.0;

    /** The plan it is at is finished, and the answer written. */
    private const SEARCH_LIMIT_SECONDS = 60;

    public function __construct(private readonly Planning $planning) {}

    #[
        OA\Post(
            path: '/api/jobs/{job}/simulate',
            operationId: 'simulate',
            tags: ['blend'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'What will be seen of it',
            content: new OA\JsonContent(ref: '#/components/schemas/Simulation'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function simulate(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        return new JsonResponse(SprayedPlan::of($this->asked($request, $job)), 200, [], JSON_UNESCAPED_UNICODE);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/walk',
            operationId: 'walk',
            tags: ['blend'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'What a walk around the car looks up',
            content: new OA\JsonContent(ref: '#/components/schemas/Walk'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function walk(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        return new JsonResponse(SprayedPlan::of($this->asked($request, $job))->walk());
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/cut',
            operationId: 'cut',
            tags: ['blend'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/CutWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The section along a line',
            content: new OA\JsonContent(ref: '#/components/schemas/CutSection'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function cut(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        $plan = $this->asked($request, $job);
        $ends = [];
        foreach (['from', 'to'] as $end) {
            $at = $request->input($end);
            if (
                ! is_array($at) ||
                count($at) !== 2 ||
                ! is_numeric($at[0] ?? null) ||
                ! is_numeric($at[1] ?? null) ||
                abs((float) $at[0]) > 1e5 ||
                abs((float) $at[1]) > 1e5
            ) {
                throw ValidationException::withMessages([$end => 'The cut needs two ends, [x, y] in mm.']);
            }
            $ends[] = new Point((float) $at[0], (float) $at[1]);
        }

        $angle = $request->input('angle', 45);
        $distance = $request->input('distanceM', 2.0);
        if (! is_int($angle) || ! is_numeric($distance) || $distance < 0.3 || $distance > 20.0) {
            throw ValidationException::withMessages(['angle' => 'Look from an angle in degrees and from 0.3 to 20 m.']);
        }

        return new JsonResponse(SprayedPlan::of($plan)->cut($ends[0], $ends[1], $angle, (float) $distance));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/ways',
            operationId: 'compareWays',
            tags: ['blend'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/WaysWish')),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Every school on this repair, the best first',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/WayOutlook')),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function ways(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        [$spec, $pair] = $this->unplanned($request, $job);
        $schools = (new WorkshopCatalogue($job->workshop_id))->schools();
        $one = $request->input('school');
        $ways = WayOutlook::all(
            $spec,
            $one === null ? $schools : array_values(array_filter($schools, fn (School $s): bool => $s->key === $one)),
            $this->planning->planner(),
            $pair->car,
            $pair->card,
        );

        return new JsonResponse($ways, 200, [], JSON_UNESCAPED_UNICODE);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/guns',
            operationId: 'compareGuns',
            tags: ['blend'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'This plan with a standard gun and with a small one',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/GunOutlook')),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function guns(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        [$spec, $pair] = $this->unplanned($request, $job);

        return new JsonResponse(GunsCompared::of($spec, $this->planning->planner(), $pair->car, $pair->card));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/offers',
            operationId: 'otherWays',
            tags: ['blend'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'What else this repair suggests, each planned beside the plan as it is',
            content: new OA\JsonContent(ref: '#/components/schemas/Offers'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function offers(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        [$spec, $pair] = $this->unplanned($request, $job);
        $shelf = new WorkshopCatalogue($job->workshop_id);

        return new JsonResponse(
            Offers::of($spec, $shelf->schools(), $shelf->paintSystems(), $this->planning->planner(), $pair->car, $pair->card),
            200,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/cures',
            operationId: 'findCures',
            tags: ['blend'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Changes that hide it, each tried in the simulation',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Cure')),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function cures(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        [$spec, $pair] = $this->unplanned($request, $job);

        return new JsonResponse(
            Cures::of($spec, $this->planning->planner(), $pair->car, $pair->card),
            200,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/smallest',
            operationId: 'smallestBlend',
            tags: ['blend'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The smallest blend nobody sees',
            content: new OA\JsonContent(ref: '#/components/schemas/SmallestBlend'),
        ),
    ]
    public function smallest(DocumentRequest $request, RepairJob $job): StreamedResponse
    {
        set_time_limit(self::SEARCH_LIMIT_SECONDS);
        [$spec, $pair] = $this->unplanned($request, $job);
        $schools = (new WorkshopCatalogue($job->workshop_id))->schools();
        $planner = $this->planning->planner();
        $limits = $job->workshop->blendLimits();

        return new StreamedResponse(
            function () use ($spec, $schools, $planner, $pair, $limits): void {
                $until = microtime(true) + self::SEARCH_SECONDS;
                $goesOn = function () use ($until): bool {
                    self::stillAsked();

                    return microtime(true) < $until;
                };
                $found = SmallestBlend::of($spec, $schools, $planner, $pair->car, $pair->card, $limits, $goesOn);
                echo json_encode(['found' => $found], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
            },
            200,
            ['Content-Type' => 'application/json'],
        );
    }

    /**
     * White space before an answer means nothing, but it does not arrive where nobody waits any more: then the work ends
     * here.
     */
    private static function stillAsked(): void
    {
        echo ' ';
        if (PHP_SAPI === 'fpm-fcgi') {
            ob_get_level() > 0 && ob_flush();
            flush();
        }
    }

    /**
     * What was sent, checked and not planned yet, with the readings it counts on.
     *
     * @return array{JobSpec, Pair}
     */
    private function unplanned(DocumentRequest $request, RepairJob $job): array
    {
        $this->authorize('view', $job);
        $pair = Pair::of($job);
        $spec = $this->planning->read(JobDocument::kept($request->document(), $job->workshop_id), $job->workshop_id);

        return [$pair->shown($spec), $pair->at($spec->plan->effectCoats())];
    }

    private function asked(DocumentRequest $request, RepairJob $job): JobPlan
    {
        $this->authorize('view', $job);

        return $this->planning->plan(JobDocument::kept($request->document(), $job->workshop_id), $job->workshop_id, $job);
    }
}
