<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Colour\ColourDesk;
use App\Http\Requests\DocumentRequest;
use App\Models\RepairJob;
use App\Support\JobDocument;
use App\Support\Planning;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Kalopsis\Blend\School;
use Kalopsis\Colour\Measurement;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\SchoolOutlook;
use Kalopsis\Job\SmallestBlend;
use Kalopsis\Job\Spray;
use Kalopsis\Panel\Point;
use OpenApi\Attributes as OA;

/** Sprays a document in the model; nothing is saved. */
final class SimulationController extends Controller
{
    public function __construct(private readonly Planning $planning, private readonly ColourDesk $desk) {}

    #[OA\Post(path: '/api/jobs/{job}/simulate', operationId: 'simulate', tags: ['blend'], parameters: [new OA\Parameter(ref: '#/components/parameters/job')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')))]
    #[OA\Response(response: 200, description: 'What will be seen of it', content: new OA\JsonContent(ref: '#/components/schemas/Simulation'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function simulate(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        [$plan, $car, $card] = $this->asked($request, $job);
        $spray = Spray::of($plan, $car, $card);

        return new JsonResponse([...$spray->jsonSerialize(), 'field' => $spray->field()], 200, [], JSON_UNESCAPED_UNICODE);
    }

    #[OA\Post(path: '/api/jobs/{job}/cut', operationId: 'cut', tags: ['blend'], parameters: [new OA\Parameter(ref: '#/components/parameters/job')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/CutWish')))]
    #[OA\Response(response: 200, description: 'The section along a line', content: new OA\JsonContent(ref: '#/components/schemas/CutSection'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function cut(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        [$plan, $car, $card] = $this->asked($request, $job);
        $ends = [];
        foreach (['from', 'to'] as $end) {
            $at = $request->input($end);
            if (! is_array($at) || count($at) !== 2 || ! is_numeric($at[0] ?? null) || ! is_numeric($at[1] ?? null) || abs((float) $at[0]) > 1e5 || abs((float) $at[1]) > 1e5) {
                throw ValidationException::withMessages([$end => 'The cut needs two ends, [x, y] in mm.']);
            }
            $ends[] = new Point((float) $at[0], (float) $at[1]);
        }
        $spray = Spray::of($plan, $car, $card, false);

        return new JsonResponse($spray->cut($ends[0], $ends[1]));
    }

    #[OA\Post(path: '/api/jobs/{job}/schools/{school}', operationId: 'simulateSchool', tags: ['blend'], parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(name: 'school', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')))]
    #[OA\Response(response: 200, description: 'The school on this repair', content: new OA\JsonContent(ref: '#/components/schemas/SchoolOutlook'))]
    #[OA\Response(response: 404, description: 'No such school', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function school(DocumentRequest $request, RepairJob $job, string $school): JsonResponse
    {
        [$plan, $car, $card] = $this->asked($request, $job);
        // "as-sent" looks at the document as it is: a shop's own school is one of the trade's with changes.
        $outlook = $school === 'as-sent'
            ? SchoolOutlook::asIs($plan->job, $this->planning->planner(), $car, $card)
            : SchoolOutlook::of($plan->job, School::tryFrom($school) ?? abort(404), $this->planning->planner(), $car, $card);

        return new JsonResponse($outlook, 200, [], JSON_UNESCAPED_UNICODE);
    }

    #[OA\Post(path: '/api/jobs/{job}/smallest', operationId: 'smallestBlend', tags: ['blend'], parameters: [new OA\Parameter(ref: '#/components/parameters/job')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Edit')))]
    #[OA\Response(response: 200, description: 'The smallest blend nobody sees', content: new OA\JsonContent(ref: '#/components/schemas/SmallestBlend'))]
    public function smallest(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        [$plan, $car, $card] = $this->asked($request, $job);
        $found = SmallestBlend::of($plan->job, $this->planning->planner(), $car, $card);

        return new JsonResponse(['found' => $found === null ? null : [...$found, 'reaches' => (object) $found['reaches']]], 200, [], JSON_UNESCAPED_UNICODE);
    }

    /** @return array{JobPlan, ?Measurement, ?Measurement} the plan of what was sent, the car and the best card */
    private function asked(DocumentRequest $request, RepairJob $job): array
    {
        $this->authorize('view', $job);
        $plan = $this->planning->plan(JobDocument::kept($request->document()), $job->workshop_id);
        [$car, $card] = $this->desk->pair($job);

        return [$plan, $car, $card];
    }
}
