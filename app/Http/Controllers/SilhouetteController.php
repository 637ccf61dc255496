<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CorrectTapedCar;
use App\Actions\KeepTapedCar;
use App\Http\Resources\SilhouetteResource;
use App\Models\BodyShapeRecord;
use App\Models\User;
use App\Policies\Right;
use App\Support\SilhouetteFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Panel\Silhouette;
use Kalopsis\Panel\SilhouetteReader;
use Kalopsis\Panel\TapeFit;
use Kalopsis\Units\Unit;
use OpenApi\Attributes as OA;

/** A car by tape measure: a silhouette stretched to typed lengths, looked at, and put on the shelf. */
final class SilhouetteController extends Controller
{
    #[OA\Get(path: '/api/silhouettes', operationId: 'silhouettes', tags: ['shelf'])]
    #[OA\Response(
        response: 200,
        description: 'Kinds of cars and parts',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Silhouette')),
    )]
    public function index(): JsonResponse
    {
        return new JsonResponse(array_map(SilhouetteResource::of(...), array_values(SilhouetteFile::all())));
    }

    #[OA\Post(
        path: '/api/silhouettes/{key}/fit',
        operationId: 'fitSilhouette',
        tags: ['shelf'],
        parameters: [new OA\Parameter(name: 'key', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/TapeLengths')),
    )]
    #[OA\Response(
        response: 200,
        description: 'The car so far',
        content: new OA\JsonContent(ref: '#/components/schemas/TapedCar'),
    )]
    #[OA\Response(
        response: 422,
        description: 'Lengths that contradict each other',
        content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
    )]
    public function fit(Request $request, string $key): JsonResponse
    {
        $silhouette = SilhouetteFile::one($key);
        $lengths = self::lengths($request, $silhouette);

        $body = TapeFit::of($silhouette, $lengths, 'own', $silhouette->name);

        return new JsonResponse(SilhouetteResource::fitted($silhouette, $body));
    }

    #[OA\Post(
        path: '/api/silhouettes/{key}',
        operationId: 'keepTapedCar',
        tags: ['shelf'],
        parameters: [new OA\Parameter(name: 'key', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/TapeWish')),
    )]
    #[OA\Response(response: 201, description: 'On the shelf', content: new OA\JsonContent(ref: '#/components/schemas/TapedBody'))]
    #[OA\Response(
        response: 403,
        description: 'Not an apprentice\'s to do',
        content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
    )]
    #[OA\Response(
        response: 422,
        description: 'Faults by field',
        content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
    )]
    public function store(Request $request, string $key, KeepTapedCar $keep): JsonResponse
    {
        $user = $this->entitled($request, Right::TapeCars);
        $silhouette = SilhouetteFile::one($key);
        $record = $keep($user, $silhouette, self::name($request), self::lengths($request, $silhouette));

        return new JsonResponse(SilhouetteResource::record($record), 201);
    }

    #[OA\Get(
        path: '/api/bodies/{key}/tape',
        operationId: 'tapedCar',
        tags: ['shelf'],
        parameters: [new OA\Parameter(name: 'key', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    )]
    #[OA\Response(
        response: 200,
        description: 'What the tape said',
        content: new OA\JsonContent(ref: '#/components/schemas/TapedBody'),
    )]
    public function show(Request $request, string $key): JsonResponse
    {
        return new JsonResponse(SilhouetteResource::record($this->record($this->user($request), $key)));
    }

    #[OA\Put(
        path: '/api/bodies/{key}/tape',
        operationId: 'correctTapedCar',
        tags: ['shelf'],
        parameters: [new OA\Parameter(name: 'key', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/TapeWish')),
    )]
    #[OA\Response(response: 200, description: 'Corrected', content: new OA\JsonContent(ref: '#/components/schemas/TapedBody'))]
    #[OA\Response(
        response: 422,
        description: 'Faults by field; jobs that use it',
        content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
    )]
    public function update(Request $request, string $key, CorrectTapedCar $correct): JsonResponse
    {
        $user = $this->entitled($request, Right::TapeCars);
        $record = $this->record($user, $key);
        $silhouette = SilhouetteFile::one($record->tape['silhouette'] ?? '');
        [$name, $lengths] = [self::name($request), self::lengths($request, $silhouette)];
        $correct($user, $record, $silhouette, $name, $lengths);

        return new JsonResponse(SilhouetteResource::record($record));
    }

    /** @return array<string, float> mm by tape, those that were typed */
    private static function lengths(Request $request, Silhouette $silhouette): array
    {
        $problems = new Problems();
        $f = Fields::of(json_decode($request->getContent(), true), $problems)->maybe('lengths');
        $out = [];
        foreach ($silhouette->tapes as $tape) {
            if ($f->has($tape->key)) {
                $out[$tape->key] = $f->number($tape->key, ...[...SilhouetteReader::LENGTH_MM, Unit::Millimetre, 'A length']);
            }
        }
        foreach (array_diff($f->names(), array_keys($out)) as $other) {
            if ($silhouette->tape($other) === null) {
                $problems->add($f->path($other), 'unknown', 'There is nothing to hold this tape to.');
            }
        }
        $problems->stop();

        return $out;
    }

    private static function name(Request $request): string
    {
        $problems = new Problems();
        $name = Fields::of(json_decode($request->getContent(), true), $problems)->text('name', 1, 60, 'The name of the car');
        $problems->stop();

        return $name;
    }

    private function record(User $user, string $key): BodyShapeRecord
    {
        $query = BodyShapeRecord::query();
        $query->where('workshop_id', $user->workshop_id)->where('key', $key)->whereNotNull('tape');

        return $query->firstOrFail();
    }

}
