<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\TakeArchive;
use App\Archive\WorkshopArchive;
use App\Models\Happening;
use App\Policies\Right;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The whole workshop, taken out as one file and brought into another installation. */
final class WorkshopController extends Controller
{
    #[OA\Get(path: '/api/workshop/archive', operationId: 'workshopArchive', tags: ['people'])]
    #[OA\Response(response: 200, description: 'docs/formats/workshop.schema.json')]
    #[OA\Response(response: 403, description: 'Not a lead', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function show(Request $request, WorkshopArchive $archive): StreamedResponse
    {
        $lead = $this->entitled($request, Right::CarryWorkshop);
        Happening::add($lead, 'archive-made', $lead->workshop->name);
        $name = Str::slug($lead->workshop->name) . '-' . now()->format('Y-m-d') . '.kalopsis-workshop.json';

        return new StreamedResponse(function () use ($archive, $lead): void {
            foreach ($archive->write($lead->workshop) as $piece) {
                echo $piece;
                flush();
            }
        }, 200, ['Content-Type' => 'application/json', 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }

    #[OA\Post(path: '/api/workshop/archive', operationId: 'takeWorkshopArchive', tags: ['people'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(type: 'object'),
    ))]
    #[OA\Response(
        response: 201,
        description: 'How many of each part were taken in',
        content: new OA\JsonContent(ref: '#/components/schemas/NumbersByKey'),
    )]
    #[OA\Response(response: 403, description: 'Not a lead', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(Request $request, TakeArchive $take): JsonResponse
    {
        return new JsonResponse($take($this->entitled($request, Right::CarryWorkshop), $request->getContent()), 201);
    }
}
