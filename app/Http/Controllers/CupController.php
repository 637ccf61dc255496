<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BeginMix;
use App\Colour\Pair;
use App\Http\Requests\DocumentRequest;
use App\Mixing\FormulaOf;
use App\Mixing\MixRefused;
use App\Models\RepairJob;
use App\Policies\Right;
use App\Support\JobDocument;
use App\Support\Planning;
use App\Support\WorkshopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalopsis\Cups\Scale;
use Kalopsis\Film\ViscosityCheck;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\MixChoices;
use Kalopsis\Job\Reduction;
use OpenApi\Attributes as OA;

/** Station 4: how a mixture is thinned, what a shop picks between, the formula for a cup, a flow cup read. */
final class CupController extends Controller
{
    /** Cards nobody shoots more of, ml of ready paint. */
    private const MOST_CARDS_ML = 1000.0;

    public function __construct(private readonly Planning $planning) {}

    #[
        OA\Post(
            path: '/api/jobs/{job}/reduction',
            operationId: 'reduce',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ReductionAsked'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'How this mixture is thinned, and what that does', content: new OA\JsonContent(ref: '#/components/schemas/Reduction'))]
    #[OA\Response(response: 409, description: 'Not now; the sentence says why', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function reduction(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);
        $document = JobDocument::kept($request->document(), $job->workshop_id);
        $plan = $this->planning->plan($document, $job->workshop_id, $job);
        $coat = $request->input('coat');
        $found = is_string($coat) ? Reduction::of($plan, $coat) : null;

        return new JsonResponse(
            $found ?? throw new MixRefused('The plan sprays no such coat any more. Look at Cups again.'),
            200,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/mix-choices',
            operationId: 'mixChoices',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/Edit'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Hardener, binder, clear and guns for this plan', content: new OA\JsonContent(ref: '#/components/schemas/MixChoices'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function choices(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);
        $document = JobDocument::kept($request->document(), $job->workshop_id);
        $pair = Pair::of($job);
        $plan = $this->planning->plan($document, $job->workshop_id, $pair);
        $at = $pair->at($plan->job->plan->effectCoats());
        $systems = (new WorkshopCatalogue($job->workshop_id))->paintSystems();

        return new JsonResponse(
            new MixChoices($plan, $systems, $this->planning->planner(), $at->car, $at->card),
            200,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/formula',
            operationId: 'formulaForCup',
            tags: ['cups'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/FormulaAsked'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'The formula of the colour, scaled to a cup', content: new OA\JsonContent(ref: '#/components/schemas/FormulaForCup'))]
    #[OA\Response(response: 409, description: 'Not now; the sentence says why', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function formula(Request $request, FormulaOf $formula, RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);
        $problems = new Problems();
        $f = Fields::of(json_decode($request->getContent(), true), $problems);
        $cup = $f->text('cup', 1, 60, 'The cup');
        $cards = $f->has('cardsMl') ? $f->plain('cardsMl', 0.0, self::MOST_CARDS_ML, 'Paint for cards in ml') : 0.0;
        $problems->stop();
        $plan = $this->planning->plan($job->at($job->head)->document, $job->workshop_id, $job);

        return new JsonResponse($formula->of($job, $plan, BeginMix::cup($plan, $cup), $cards), 200, [], JSON_UNESCAPED_UNICODE);
    }

    #[
        OA\Post(
            path: '/api/viscosity',
            operationId: 'readViscosity',
            tags: ['cups'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ViscosityAsked'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'What a flow cup or a stick says', content: new OA\JsonContent(ref: '#/components/schemas/ViscosityRead'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function viscosity(Request $request): JsonResponse
    {
        $problems = new Problems();
        $check = ViscosityCheck::read(Fields::of(json_decode($request->getContent(), true), $problems));
        $problems->stop();

        return new JsonResponse($check, 200, [], JSON_UNESCAPED_UNICODE);
    }

    #[
        OA\Put(
            path: '/api/shelf/scale',
            operationId: 'setScale',
            tags: ['shelf'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ScaleKind'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Kept for the shop', content: new OA\JsonContent(ref: '#/components/schemas/ScaleKind'))]
    #[OA\Response(response: 403, description: 'Not a lead', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function scale(Request $request): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepEquipment);
        $problems = new Problems();
        $f = Fields::of(json_decode($request->getContent(), true), $problems);
        $grams = $f->plain('readabilityG', 0.0, 10.0, 'What the scale reads to');
        if (! in_array($grams, Scale::READABILITIES_G, true)) {
            $problems->add('readabilityG', 'unknown', 'Scales read to 0.01, 0.05, 0.1, 0.5 or 1 g.');
        }
        $problems->stop();
        $user->workshop->update(['scale_readability_g' => $grams]);

        return new JsonResponse(['readabilityG' => $grams]);
    }
}
