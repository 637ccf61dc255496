<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddReadings;
use App\Actions\AddSample;
use App\Colour\ColourDesk;
use App\Colour\DeskEvents;
use App\Devices\Instrument;
use App\Http\Requests\SampleRequest;
use App\Http\Resources\ColourDeskResource;
use App\Models\Colour;
use App\Models\ColourSample;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalopsis\Card\SampleKind;
use Kalopsis\Card\Surface;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\InstrumentFault;
use OpenApi\Attributes as OA;

final class ColourDeskController extends Controller
{
    public function __construct(private readonly ColourDesk $desk) {}

    #[
        OA\Get(
            path: '/api/jobs/{job}/colour',
            operationId: 'showColourDesk',
            tags: ['colour'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The colour desk',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    public function show(RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);

        return ColourDeskResource::of($this->desk->of($job));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples',
            operationId: 'addSample',
            tags: ['colour'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/SampleWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'On the desk',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function store(SampleRequest $request, RepairJob $job, AddSample $add): JsonResponse
    {
        $this->authorize('update', $job);
        $add($this->user($request), $job, $request->id(), $request->kind(), $request->name(), $request->details());

        return $this->answer($job, 201);
    }

    #[
        OA\Patch(
            path: '/api/jobs/{job}/colour/samples/{sample}',
            operationId: 'editSample',
            tags: ['colour'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/sample'),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/SampleWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Changed; what it was is kept',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function update(SampleRequest $request, RepairJob $job, ColourSample $sample): JsonResponse
    {
        $this->authorize('update', $job);
        DeskEvents::add($job, $this->user($request), 'edit', $sample, [
            'name' => $sample->name,
            'details' => $sample->details,
        ]);
        $sample->update(['name' => $request->newName($sample->name), 'details' => [...$sample->details, ...$request->details()]]);

        return $this->answer($job);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/strike',
            operationId: 'strikeSample',
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
            description: 'Struck; it can be brought back',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    public function strike(Request $request, RepairJob $job, ColourSample $sample): JsonResponse
    {
        return $this->setStruck($request, $job, $sample, true);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/samples/{sample}/restore',
            operationId: 'restoreSample',
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
            description: 'Back on the desk',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    public function restore(Request $request, RepairJob $job, ColourSample $sample): JsonResponse
    {
        return $this->setStruck($request, $job, $sample, false);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/colour/variants',
            operationId: 'layOutVariants',
            tags: ['colour'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'The variants of the shelf, read by the simulated instrument',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourDesk'),
        ),
    ]
    public function variants(
        Request $request,
        RepairJob $job,
        AddSample $add,
        AddReadings $read,
        Instrument $instrument,
    ): JsonResponse {
        $this->authorize('update', $job);
        $spec = $this->desk->plan($job)->job->colour;
        $recipe = Colour::query()
            ->where(['workshop_id' => $job->workshop_id, 'name' => $spec->name, 'code' => $spec->code])
            ->first()?->recipe;
        $there = $job->samples()->where('kind', 'variant')->pluck('name')->all();
        foreach ($recipe['variants'] ?? [] as $variant) {
            if (in_array($variant['name'], $there, true)) {
                continue;
            }
            $sample = $add($this->user($request), $job, null, SampleKind::Variant, $variant['name'], [
                'formula' => ['toners' => $variant['toners']],
            ]);
            $shots = [];
            foreach (
                $instrument->measure(
                    $job,
                    $sample,
                    $spec->finish->isEffect() ? Geometry::Five : Geometry::FortyFiveZero,
                    3,
                    0,
                    InstrumentFault::None,
                ) as $m
            ) {
                $shots[] = ['spot' => 'chip', 'measurement' => $m];
            }
            $read($this->user($request), $sample, $shots, Surface::Polished, $instrument->source());
        }

        return $this->answer($job, 201);
    }

    private function setStruck(Request $request, RepairJob $job, ColourSample $sample, bool $struck): JsonResponse
    {
        $this->authorize('update', $job);
        if (($sample->struck_at !== null) !== $struck) {
            DeskEvents::add($job, $this->user($request), $struck ? 'strike' : 'restore', $sample, []);
            $sample->update(['struck_at' => $struck ? now() : null]);
        }

        return $this->answer($job);
    }

    private function answer(RepairJob $job, int $status = 200): JsonResponse
    {
        $plan = $this->desk->remember($job);

        return ColourDeskResource::of($this->desk->of($job, $plan), $status);
    }
}
