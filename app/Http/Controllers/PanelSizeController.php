<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DocumentRequest;
use App\Models\RepairJob;
use App\Support\JobDocument;
use App\Support\WorkshopCatalogue;
use Illuminate\Http\JsonResponse;
use Kalopsis\Job\Remeasured;
use OpenApi\Attributes as OA;

/** A panel that turned out larger or smaller than it is drawn, while a job is open. */
final class PanelSizeController extends Controller
{
    #[
        OA\Post(
            path: '/api/jobs/{job}/panel-sizes',
            operationId: 'measurePanels',
            description: 'The job as it reads with these panels measured; repairs keep their size and move along. Keeps nothing.',
            tags: ['jobs'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/PanelSizesWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The job on the car as measured',
            content: new OA\JsonContent(ref: '#/components/schemas/JobDocument'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function __invoke(DocumentRequest $request, RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);
        $catalogue = new WorkshopCatalogue($job->workshop_id);
        $document = JobDocument::kept($request->document(), $job->workshop_id);

        return new JsonResponse((new Remeasured($catalogue))->of($document, $request->raw('sizes')));
    }
}
