<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TestModel;
use App\Booth\RunWaits;
use App\Colour\FormulaCards;
use App\Http\Resources\CalibrationResource;
use App\Models\ModelTest;
use App\Policies\Right;
use App\Support\WorkshopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Trials\TrialReader;
use OpenApi\Attributes as OA;

/** The workshop's own tests of the model, and what they say of its numbers. */
final class CalibrationController extends Controller
{
    #[OA\Get(path: '/api/calibration', operationId: 'calibration', tags: ['calibration'])]
    #[
        OA\Response(
            response: 200,
            description: 'Tests, and what they say together',
            content: new OA\JsonContent(ref: '#/components/schemas/CalibrationState'),
        ),
    ]
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(CalibrationResource::of($this->user($request)->workshop_id));
    }

    #[
        OA\Post(
            path: '/api/calibration/tests',
            operationId: 'addModelTest',
            tags: ['calibration'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ModelTestWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Kept, once, and counted',
            content: new OA\JsonContent(ref: '#/components/schemas/CalibrationState'),
        ),
    ]
    #[OA\Response(response: 403, description: 'An apprentice', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(Request $request, TestModel $tests): JsonResponse
    {
        $user = $this->entitled($request, Right::TakeTests);
        $body = json_decode($request->getContent(), true);
        $problems = new Problems();
        $key = Fields::of($body, $problems)->text('key', 36, 36, 'The key');
        if (! Str::isUuid($key)) {
            $problems->add('key', 'format', 'A key is a UUID.');
        }
        $problems->stop();
        (new TrialReader(new WorkshopCatalogue($user->workshop_id)))->read($body);
        assert(is_array($body));
        unset($body['key']);
        /** @var array<string, mixed> $body */
        $tests->add($user, [strtolower($key) => $body]);

        return new JsonResponse(CalibrationResource::of($user->workshop_id));
    }

    #[OA\Post(path: '/api/calibration/gather', operationId: 'gatherModelTests', tags: ['calibration'])]
    #[
        OA\Response(
            response: 200,
            description: 'Waits of finished runs and cards of known formulas, each taken in once',
            content: new OA\JsonContent(ref: '#/components/schemas/CalibrationState'),
        ),
    ]
    #[OA\Response(response: 403, description: 'An apprentice', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function gather(Request $request, TestModel $tests): JsonResponse
    {
        $user = $this->entitled($request, Right::TakeTests);
        $tests->add($user, [...RunWaits::of($user->workshop_id), ...FormulaCards::of($user->workshop_id)]);

        return new JsonResponse(CalibrationResource::of($user->workshop_id));
    }

    #[
        OA\Post(
            path: '/api/calibration/tests/{id}/put-away',
            operationId: 'putModelTestAway',
            tags: ['calibration'],
            parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'It no longer counts',
            content: new OA\JsonContent(ref: '#/components/schemas/CalibrationState'),
        ),
    ]
    #[OA\Response(response: 404, description: 'No such test here', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function putAway(Request $request, string $id, TestModel $tests): JsonResponse
    {
        return $this->counts($request, $id, $tests, false);
    }

    #[
        OA\Post(
            path: '/api/calibration/tests/{id}/restore',
            operationId: 'restoreModelTest',
            tags: ['calibration'],
            parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'It counts again',
            content: new OA\JsonContent(ref: '#/components/schemas/CalibrationState'),
        ),
    ]
    #[OA\Response(response: 404, description: 'No such test here', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function restore(Request $request, string $id, TestModel $tests): JsonResponse
    {
        return $this->counts($request, $id, $tests, true);
    }

    private function counts(Request $request, string $id, TestModel $tests, bool $counts): JsonResponse
    {
        $user = $this->entitled($request, Right::TakeTests);
        $test = ModelTest::query()
            ->where('workshop_id', $user->workshop_id)
            ->where('key', Str::isUuid($id) ? strtolower($id) : '')
            ->firstOrFail();
        $tests->putAway($user, $test, ! $counts);

        return new JsonResponse(CalibrationResource::of($user->workshop_id));
    }

}
