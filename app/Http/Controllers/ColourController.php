<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportColours;
use App\Actions\KeepColour;
use App\Actions\TakeColourReadings;
use App\Colour\Bench;
use App\Colour\Nearest;
use App\Http\Requests\ColourRequest;
use App\Http\Resources\ColourResource;
use App\Models\Colour;
use App\Models\Happening;
use App\Models\RepairJob;
use App\Models\User;
use App\Policies\Right;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kalopsis\Exchange\ColourTableFile;
use Kalopsis\Exchange\FileFormat;
use Kalopsis\Exchange\ReadingsFile;
use Kalopsis\Tint\Toner;
use OpenApi\Attributes as OA;

/** The shop's colours: added, changed, put away; and which of them is nearest to a car. */
final class ColourController extends Controller
{
    #[OA\Get(path: '/api/colours', operationId: 'colours', tags: ['shelf'])]
    #[OA\Response(
        response: 200,
        description: 'All colours, and the toners of the bench',
        content: new OA\JsonContent(ref: '#/components/schemas/ShopColours'),
    )]
    public function index(Request $request): JsonResponse
    {
        $query = Colour::query();
        $query->where('workshop_id', $this->user($request)->workshop_id)->orderBy('name')->orderBy('code');

        return new JsonResponse([
            'colours' => $query->get()->map(ColourResource::of(...))->all(),
            'toners' => array_values(
                array_map(
                    fn (Toner $t): array => ['key' => $t->key, 'name' => $t->name],
                    Bench::of($this->user($request)->workshop_id)->toners,
                ),
            ),
        ]);
    }

    #[OA\Post(path: '/api/colours', operationId: 'addColour', tags: ['shelf'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/ColourWish'),
    ))]
    #[OA\Response(
        response: 201,
        description: 'On the shelf',
        content: new OA\JsonContent(ref: '#/components/schemas/ShopColour'),
    )]
    #[OA\Response(
        response: 422,
        description: 'Faults by field',
        content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
    )]
    public function store(ColourRequest $request, KeepColour $keep): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepColours);

        return new JsonResponse(ColourResource::of($keep($user, null, $request->wish())), 201);
    }

    #[OA\Get(path: '/api/colours.csv', operationId: 'coloursTable', tags: ['shelf'])]
    #[OA\Response(response: 200, description: 'All colours as a table')]
    public function table(Request $request): Response
    {
        $query = Colour::query();
        $query->where('workshop_id', $this->user($request)->workshop_id)->whereNull('put_away_at');
        $query->orderBy('name')->orderBy('code');

        return new Response(
            ColourTableFile::write(array_map(ColourResource::row(...), array_values($query->get()->all()))),
            200,
            ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="colours.csv"'],
        );
    }

    #[OA\Post(path: '/api/colours/import', operationId: 'importColours', tags: ['shelf'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/PaintFile'),
    ))]
    #[OA\Response(
        response: 201,
        description: 'How many were added and changed, and how many toners named',
        content: new OA\JsonContent(ref: '#/components/schemas/NumbersByKey'),
    )]
    #[OA\Response(response: 422, description: 'Faults by line', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function import(Request $request, ImportColours $import): JsonResponse
    {
        $text = $request->input('text');

        return new JsonResponse($import($this->entitled($request, Right::KeepColours), is_string($text) ? $text : ''), 201);
    }

    #[OA\Post(
        path: '/api/colours/readings',
        operationId: 'readColours',
        tags: ['shelf'],
        parameters: [
            new OA\Parameter(name: 'name', in: 'query', schema: new OA\Schema(type: 'string')),
            new OA\Parameter(name: 'add', in: 'query', schema: new OA\Schema(type: 'boolean')),
        ],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(
            mediaType: 'application/octet-stream',
            schema: new OA\Schema(type: 'string', format: 'binary'),
        )),
    )]
    #[OA\Response(
        response: 201,
        description: 'Which colours were read, and which samples are none of ours',
        content: new OA\JsonContent(ref: '#/components/schemas/ColoursRead'),
    )]
    #[OA\Response(
        response: 422,
        description: 'Not a file of readings',
        content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
    )]
    public function read(Request $request, TakeColourReadings $take): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepColours);
        $name = $request->query('name');
        $from = is_string($name) ? mb_substr($name, 0, 120) : '';

        return new JsonResponse(
            $take($user, $from, $request->getContent(), in_array($request->query('add'), ['1', 'true'], true)),
            201,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    #[OA\Get(
        path: '/api/colours/readings',
        operationId: 'downloadColours',
        tags: ['shelf'],
        parameters: [
            new OA\Parameter(
                name: 'format',
                in: 'query',
                schema: new OA\Schema(type: 'string', enum: ['csv', 'cgats', 'cxf']),
            ),
        ],
    )]
    #[OA\Response(response: 200, description: 'The colours\' own readings (docs/formats/readings.md)')]
    public function readings(Request $request): Response
    {
        $query = Colour::query();
        $query->where('workshop_id', $this->user($request)->workshop_id)->whereNull('put_away_at')->whereNotNull('reading');
        $query->orderBy('name')->orderBy('code');
        $format = FileFormat::tryFrom($request->string('format')->toString()) ?? FileFormat::Csv;

        return new Response(ReadingsFile::write($format, ColourResource::shots($query->get()->all())), 200, [
            'Content-Type' => $format->mediaType(),
            'Content-Disposition' => "attachment; filename=\"colour-readings.{$format->extension()}\"",
        ]);
    }

    #[OA\Delete(
        path: '/api/colours/{colour}/reading',
        operationId: 'forgetColourReading',
        tags: ['shelf'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/colour')],
    )]
    #[OA\Response(
        response: 200,
        description: 'Without a reading of its own',
        content: new OA\JsonContent(ref: '#/components/schemas/ShopColour'),
    )]
    public function forgetReading(Request $request, string $colour): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepColours);
        $one = self::find($user, $colour);
        if ($one->reading !== null) {
            $one->update(['reading' => null]);
            Happening::add($user, 'colour-changed', trim("{$one->name} {$one->code}"));
        }

        return new JsonResponse(ColourResource::of($one));
    }

    #[OA\Put(
        path: '/api/colours/{colour}',
        operationId: 'changeColour',
        tags: ['shelf'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/colour')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ColourWish')),
    )]
    #[OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: '#/components/schemas/ShopColour'))]
    #[OA\Response(
        response: 422,
        description: 'Faults by field',
        content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
    )]
    public function update(ColourRequest $request, string $colour, KeepColour $keep): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepColours);

        return new JsonResponse(ColourResource::of($keep($user, self::find($user, $colour), $request->wish())));
    }

    #[OA\Post(
        path: '/api/colours/{colour}/put-away',
        operationId: 'putColourAway',
        tags: ['shelf'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/colour')],
    )]
    #[OA\Response(
        response: 200,
        description: 'Put away; jobs in it stay as they are',
        content: new OA\JsonContent(ref: '#/components/schemas/ShopColour'),
    )]
    public function putAway(Request $request, string $colour): JsonResponse
    {
        return $this->setAway($request, $colour, true);
    }

    #[OA\Post(
        path: '/api/colours/{colour}/restore',
        operationId: 'restoreColour',
        tags: ['shelf'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/colour')],
    )]
    #[OA\Response(
        response: 200,
        description: 'On the shelf again',
        content: new OA\JsonContent(ref: '#/components/schemas/ShopColour'),
    )]
    public function restore(Request $request, string $colour): JsonResponse
    {
        return $this->setAway($request, $colour, false);
    }

    #[OA\Get(
        path: '/api/jobs/{job}/colour/nearest',
        operationId: 'nearestColours',
        tags: ['colour'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
    )]
    #[OA\Response(
        response: 200,
        description: 'Which of ours is nearest to this car',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/NearColour')),
    )]
    public function nearest(RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(Nearest::to($job));
    }

    private function setAway(Request $request, string $id, bool $away): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepColours);
        $colour = self::find($user, $id);
        if ($away !== ($colour->put_away_at !== null)) {
            $colour->update(['put_away_at' => $away ? now() : null]);
            Happening::add($user, $away ? 'colour-put-away' : 'colour-back', trim("{$colour->name} {$colour->code}"));
        }

        return new JsonResponse(ColourResource::of($colour));
    }

    private static function find(User $user, string $id): Colour
    {
        $query = Colour::query();
        $query->where('workshop_id', $user->workshop_id);
        $one = ctype_digit($id) && strlen($id) < 10 ? $query->find((int) $id) : null;

        return $one instanceof Colour ? $one : throw new ModelNotFoundException();
    }

}
