<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PracticeRequest;
use App\Http\Resources\PracticeResource;
use App\Models\PracticeScenario;
use App\Models\PracticeTry;
use App\Models\RepairJob;
use App\Policies\Right;
use App\Practice\Scenarios;
use App\Support\Planning;
use App\Support\WorkshopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Practice\Bay;
use Kalopsis\Practice\FromJob;
use Kalopsis\Practice\Marked;
use Kalopsis\Practice\Scenario;
use Kalopsis\Practice\ScenarioReader;
use Kalopsis\Practice\Told;
use Kalopsis\Sequence\School;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The practice bay: scenarios, tries, how far people have come. What is true leaves the server only with an answer. */
final class PracticeController extends Controller
{
    #[OA\Get(path: '/api/practice', operationId: 'practice', tags: ['practice'])]
    #[
        OA\Response(
            response: 200,
            description: 'The ladder, and how far one has come',
            content: new OA\JsonContent(ref: '#/components/schemas/PracticeLadder'),
        ),
    ]
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(PracticeResource::ladder($this->user($request)));
    }

    #[OA\Get(path: '/api/defects', operationId: 'defectLooks', tags: ['look-back'])]
    #[
        OA\Response(
            response: 200,
            description: 'How defects look as the model sprays them',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/DefectLook')),
        ),
    ]
    public function defects(Request $request): JsonResponse
    {
        $looks = (new Scenarios($this->user($request)->workshop_id))->defects();

        return new JsonResponse(
            array_map(
                fn (string $key, array $look): array => ['key' => $key, ...$look],
                array_keys($looks),
                $looks,
            ),
        );
    }

    #[OA\Get(path: '/api/practice/people', operationId: 'practicePeople', tags: ['practice'])]
    #[
        OA\Response(
            response: 200,
            description: 'How far everybody has come',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticePerson')),
        ),
    ]
    #[OA\Response(response: 403, description: 'Not a lead', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function people(Request $request): JsonResponse
    {
        return new JsonResponse(PracticeResource::people($this->entitled($request, Right::LookAfterPractice)->workshop_id));
    }

    #[
        OA\Get(
            path: '/api/practice/scenarios/{scenario}',
            operationId: 'practiceScenario',
            tags: ['practice'],
            parameters: [new OA\Parameter(name: 'scenario', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'What the trainee is told and asked',
            content: new OA\JsonContent(ref: '#/components/schemas/PracticeTold'),
        ),
    ]
    #[OA\Response(response: 404, description: 'No such scenario', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function show(Request $request, string $scenario): JsonResponse
    {
        $all = new Scenarios($this->user($request)->workshop_id);

        return new JsonResponse(new Told(self::find($all, $scenario), $all->reader()));
    }

    #[
        OA\Post(
            path: '/api/practice/scenarios/{scenario}/stroke',
            operationId: 'practiceStroke',
            tags: ['practice'],
            parameters: [new OA\Parameter(name: 'scenario', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/PracticeHandWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The film that was laid, and what a teacher would say',
            content: new OA\JsonContent(ref: '#/components/schemas/PracticeHand'),
        ),
    ]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function stroke(PracticeRequest $request, string $scenario): JsonResponse
    {
        $all = new Scenarios($this->user($request)->workshop_id);
        $found = self::find($all, $scenario);
        $gun = Bay::sheetGun((new Told($found, $all->reader()))->shown());
        $problems = new Problems();
        $hand = $request->hand($gun);
        if ($hand === null) {
            $problems->add('path', 'missing', 'Spray first.');
        }
        $problems->stop();

        return new JsonResponse($hand);
    }

    #[
        OA\Post(
            path: '/api/practice/scenarios/{scenario}/tries',
            operationId: 'practiceTry',
            tags: ['practice'],
            parameters: [new OA\Parameter(name: 'scenario', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/PracticeTryWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Sprayed and marked; kept once',
            content: new OA\JsonContent(ref: '#/components/schemas/PracticeMarked'),
        ),
    ]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function answer(PracticeRequest $request, string $scenario): JsonResponse
    {
        $user = $this->user($request);
        $all = new Scenarios($user->workshop_id);
        $found = self::find($all, $scenario);
        $key = $request->key();
        $answer = $request->answer($found);
        $hand = $found->spray ? $request->hand(Bay::sheetGun($answer->setUp($all->reader()))) : null;
        if ($found->spray && $hand === null) {
            $problems = new Problems();
            $problems->add('path', 'missing', 'Spray first.');
            $problems->stop();
        }
        $marked = Marked::of($answer, $all->reader(), $hand, $all->best($found));
        PracticeTry::query()->createOrFirst(['user_id' => $user->id, 'key' => $key], [
            'workshop_id' => $user->workshop_id,
            'scenario' => $scenario,
            'skill' => $found->skill->value,
            'answer' => ['choices' => $answer->chosen, 'hand' => $hand === null ? null : [
                'mmPerS' => $hand->mmPerS,
                'overlapPercent' => $hand->overlapPercent,
                'distanceMm' => $hand->distanceMm,
            ]],
            'score' => $marked->score,
        ]);

        return new JsonResponse($marked);
    }

    #[
        OA\Post(
            path: '/api/practice/sandbox',
            operationId: 'practiceSandbox',
            tags: ['practice'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/PracticeSetUp'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Sprayed as it is set',
            content: new OA\JsonContent(ref: '#/components/schemas/PracticeSprayed'),
        ),
    ]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function sandbox(Request $request): JsonResponse
    {
        $problems = new Problems();
        $reader = (new Scenarios($this->user($request)->workshop_id))->reader();
        $is = $reader->read(Fields::of(json_decode($request->getContent(), true), $problems));
        $problems->stop();
        assert($is !== null);

        return new JsonResponse(PracticeResource::sprayed(new Bay($is)));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/practice',
            operationId: 'practiceOfJob',
            tags: ['practice'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    required: ['title'],
                    type: 'object',
                    properties: [new OA\Property(property: 'title', type: 'string')],
                ),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'A scenario of this job',
            content: new OA\JsonContent(
                required: ['key'],
                type: 'object',
                properties: [new OA\Property(property: 'key', type: 'string')],
            ),
        ),
    ]
    #[OA\Response(response: 403, description: 'Not a lead', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function ofJob(Request $request, RepairJob $job, Planning $planning): JsonResponse
    {
        $user = $this->entitled($request, Right::LookAfterPractice);
        $this->authorize('view', $job);
        $problems = new Problems();
        $title = Fields::of(json_decode($request->getContent(), true), $problems)->text('title', 1, 80, 'The title');
        $problems->stop();
        $plan = $planning->plan($job->at($job->head)->document, $job->workshop_id, $job);
        $finish = $plan->job->colour->finish;
        $ways = array_values(array_filter(
            (new WorkshopCatalogue($job->workshop_id))->schools(),
            fn (School $s): bool => $s->sequence($finish)->fades(),
        ));
        $id = (string) Str::uuid();
        $scenario = FromJob::scenario($plan, $id, $title, $ways);
        // What could not be read again would shut the bay for everybody.
        (new ScenarioReader(new WorkshopCatalogue($job->workshop_id)))->read($scenario);
        PracticeScenario::query()->create([
            'id' => $id,
            'workshop_id' => $user->workshop_id,
            'scenario' => $scenario,
            'user_id' => $user->id,
        ]);

        return new JsonResponse(['key' => $id], 201);
    }

    #[
        OA\Post(
            path: '/api/practice/scenarios/{scenario}/put-away',
            operationId: 'putScenarioAway',
            tags: ['practice'],
            parameters: [new OA\Parameter(name: 'scenario', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        ),
    ]
    #[OA\Response(response: 204, description: 'No longer offered')]
    #[OA\Response(response: 403, description: 'Not a lead', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 404, description: 'Not of this workshop', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function putAway(Request $request, string $scenario): JsonResponse
    {
        $found = PracticeScenario::query()
            ->where('workshop_id', $this->entitled($request, Right::LookAfterPractice)->workshop_id)
            ->where('id', Str::isUuid($scenario) ? $scenario : '')
            ->firstOrFail();
        $found->update(['put_away_at' => now()]);

        return new JsonResponse(null, 204);
    }

    private static function find(Scenarios $all, string $key): Scenario
    {
        return $all->all()[$key] ?? throw new NotFoundHttpException();
    }

}
