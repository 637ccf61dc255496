<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Booth\ClimateFeed;
use App\Devices\BoothClimate;
use App\Devices\SimulatedClimate;
use App\Models\BoothRun;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Units\Unit;
use OpenApi\Attributes as OA;

/** The air of the booth while a run is on: what the sensor says, and what a hand does to the simulated one. */
final class ClimateController extends Controller
{
    private const CLOCK = ['sometimes', 'integer', 'min:1577836800000', 'max:4102444800000'];

    public function __construct(private readonly BoothClimate $sensor, private readonly ClimateFeed $feed) {}

    #[
        OA\Get(
            path: '/api/jobs/{job}/runs/{run}/climate',
            operationId: 'boothClimate',
            tags: ['booth'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/run'),
                new OA\Parameter(name: 'at', in: 'query', schema: new OA\Schema(type: 'integer', format: 'int64')),
            ],
        ),
    ]
    #[OA\Response(response: 200, description: 'What the sensor says', content: new OA\JsonContent(ref: '#/components/schemas/Climate'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function show(Request $request, RepairJob $job, BoothRun $run): JsonResponse
    {
        $this->authorize('view', $job);
        $request->validate(['at' => self::CLOCK], ['at.*' => 'A time in ms since 1970.']);

        return new JsonResponse($this->sensor->reading($run, $this->at($request)));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/runs/{run}/climate/hand',
            operationId: 'climateHand',
            tags: ['booth'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/run')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ClimateHand'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'What the simulated sensor says', content: new OA\JsonContent(ref: '#/components/schemas/Climate'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function hand(Request $request, RepairJob $job, BoothRun $run): JsonResponse
    {
        $this->authorize('update', $job);
        $request->validate(
            ['does' => ['required', 'string', Rule::in(SimulatedClimate::HANDS)], 'at' => self::CLOCK],
            ['does.*' => 'The door can stand open, the heating go off, or all be right.', 'at.*' => 'A time in ms since 1970.'],
        );
        $at = $this->at($request);
        $this->feed->hand($run, $request->string('does')->toString(), $at);

        return new JsonResponse($this->sensor->reading($run->refresh(), $at));
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/runs/{run}/climate/readings',
            operationId: 'climateReading',
            tags: ['booth'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/run')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ClimateReading'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Taken in', content: new OA\JsonContent(ref: '#/components/schemas/Climate'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function reading(Request $request, RepairJob $job, BoothRun $run): JsonResponse
    {
        $this->authorize('update', $job);
        $problems = new Problems();
        $f = Fields::of(json_decode($request->getContent(), true), $problems);
        $real = [
            'temperatureC' => $f->number('temperatureC', -20.0, 80.0, Unit::Celsius, 'The temperature'),
            'humidityPercent' => $f->plain('humidityPercent', 0.0, 100.0, 'The humidity in %'),
            'airMPerS' => $f->has('airMPerS') ? $f->plain('airMPerS', 0.0, 20.0, 'The air in m/s') : 0.3,
            'atMs' => (int) round(microtime(true) * 1000),
        ];
        $problems->stop();
        $this->feed->sent($run, $real);

        return new JsonResponse($this->sensor->reading($run->refresh(), $real['atMs']));
    }

    private function at(Request $request): int
    {
        return $request->has('at') ? $request->integer('at') : (int) round(microtime(true) * 1000);
    }
}
