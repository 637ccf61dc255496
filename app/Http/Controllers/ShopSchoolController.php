<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DocumentRequest;
use App\Models\RepairJob;
use App\Models\ShopSchool;
use App\Support\JobDocument;
use App\Support\Planning;
use App\Support\WorkshopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Kalopsis\Job\KeepSchool;
use Kalopsis\Sequence\School;
use Kalopsis\Sequence\SchoolReader;
use OpenApi\Attributes as OA;

/**
 * Schools a shop made its own: recipes like the trade's, kept from a plan, edited on the shelf, sent to another shop as
 * files.
 */
final class ShopSchoolController extends Controller
{
    private const NAME = ['required', 'string', 'max:60'];

    #[
        OA\Post(
            path: '/api/jobs/{job}/shop-schools',
            operationId: 'keepSchool',
            tags: ['blend'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/KeepSchoolWish'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'On the shelf',
            content: new OA\JsonContent(ref: '#/components/schemas/ShopSchool'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function store(DocumentRequest $request, RepairJob $job, Planning $planning): JsonResponse
    {
        $this->authorize('update', $job);
        $name = $this->name($request, $job->workshop_id, null);
        $plan = $planning->plan(JobDocument::kept($request->document(), $job->workshop_id), $job->workshop_id, $job);
        $school = ShopSchool::query()->create([
            'workshop_id' => $job->workshop_id,
            'name' => $name,
            'school' => self::plain(KeepSchool::of($plan, 'own', $name)),
            'user_id' => $this->user($request)->id,
        ]);

        return new JsonResponse(self::row($school), 201);
    }

    #[OA\Get(path: '/api/shop-schools', operationId: 'listShopSchools', tags: ['blend'])]
    #[
        OA\Response(
            response: 200,
            description: 'The shop\'s own schools',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/ShopSchool')),
        ),
    ]
    public function index(Request $request): JsonResponse
    {
        $schools = ShopSchool::query()
            ->where('workshop_id', $this->user($request)->workshop_id)
            ->get()
            ->whereNull('put_away_at')
            ->sortBy('name')
            ->values();

        return new JsonResponse($schools->map(self::row(...))->all());
    }

    #[
        OA\Post(
            path: '/api/shop-schools',
            operationId: 'takeInSchool',
            tags: ['blend'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/SchoolFile'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 201,
            description: 'Another shop\'s school, on the shelf',
            content: new OA\JsonContent(ref: '#/components/schemas/ShopSchool'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function import(Request $request): JsonResponse
    {
        $read = SchoolReader::read(json_decode($request->getContent(), true));
        $workshop = $this->user($request)->workshop_id;
        $name = $this->freeName($workshop, $read->name);
        $school = ShopSchool::query()->create([
            'workshop_id' => $workshop,
            'name' => $name,
            'school' => self::plain($read),
            'user_id' => $this->user($request)->id,
        ]);

        return new JsonResponse(self::row($school), 201);
    }

    #[
        OA\Put(
            path: '/api/shop-schools/{id}',
            operationId: 'editSchool',
            tags: ['blend'],
            parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/SchoolFile'),
            ),
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The recipe as it is now',
            content: new OA\JsonContent(ref: '#/components/schemas/ShopSchool'),
        ),
    ]
    #[
        OA\Response(
            response: 404,
            description: 'Not in this workshop',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    #[
        OA\Response(
            response: 422,
            description: 'Faults by field',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function update(Request $request, string $id): JsonResponse
    {
        $school = $this->find($request, $id);
        $read = SchoolReader::read(json_decode($request->getContent(), true));
        $this->name($request, $school->workshop_id, $school->id);
        $school->update(['name' => $read->name, 'school' => self::plain($read)]);

        return new JsonResponse(self::row($school));
    }

    #[
        OA\Get(
            path: '/api/shop-schools/{id}/file',
            operationId: 'downloadSchool',
            tags: ['blend'],
            parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The school as a file (docs/formats/school.schema.json)',
            content: new OA\JsonContent(ref: '#/components/schemas/SchoolFile'),
        ),
    ]
    #[
        OA\Response(
            response: 404,
            description: 'Not in this workshop',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function file(Request $request, string $id): JsonResponse
    {
        $school = $this->find($request, $id);
        $slug = Str::slug($school->name);
        $name = ($slug === '' ? 'school' : $slug) . '.school.json';

        return new JsonResponse(
            $school->asSchool(new WorkshopCatalogue($school->workshop_id)),
            200,
            ['Content-Disposition' => "attachment; filename=\"{$name}\""],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
        );
    }

    #[
        OA\Post(
            path: '/api/shop-schools/{id}/put-away',
            operationId: 'putSchoolAway',
            tags: ['blend'],
            parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        ),
    ]
    #[OA\Response(response: 204, description: 'No longer offered')]
    #[
        OA\Response(
            response: 404,
            description: 'Not in this workshop',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    #[
        OA\Response(
            response: 409,
            description: 'A car in the shop is planned with it',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ]
    public function putAway(Request $request, string $id): JsonResponse
    {
        $school = $this->find($request, $id);
        // The name is free again for a better one.
        $school->update(['put_away_at' => now(), 'name' => mb_substr($school->name, 0, 40) . ' ' . Str::random(12)]);

        return new JsonResponse(null, 204);
    }

    private function find(Request $request, string $id): ShopSchool
    {
        return ShopSchool::query()
            ->where('workshop_id', $this->user($request)->workshop_id)
            ->where('id', Str::isUuid($id) ? $id : '')
            ->firstOrFail();
    }

    private function name(Request $request, int $workshopId, ?string $but): string
    {
        $once = Rule::unique('shop_schools')->where('workshop_id', $workshopId);
        $request->validate(
            ['name' => [...self::NAME, $but === null ? $once : $once->ignore($but)]],
            ['name.unique' => 'There is a school of this name already.', 'name.*' => 'A name needs 1 to 60 characters.'],
        );

        return $request->string('name')->toString();
    }

    private function freeName(int $workshopId, string $name): string
    {
        $taken = ShopSchool::query()->where('workshop_id', $workshopId)->pluck('name')->all();
        $free = mb_substr($name, 0, 60);
        for ($n = 2; in_array($free, $taken, true); $n++) {
            $free = mb_substr($name, 0, 55) . " {$n}";
        }

        return $free;
    }

    /** @return array<string, mixed> */
    private static function plain(School $school): array
    {
        return (array) json_decode((string) json_encode($school), true);
    }

    /** @return array<string, mixed> */
    private static function row(ShopSchool $school): array
    {
        return [
            'id' => $school->id,
            'key' => $school->key(),
            'name' => $school->name,
            'school' => $school->asSchool(new WorkshopCatalogue($school->workshop_id)),
        ];
    }
}
