<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DocumentRequest;
use App\Models\RepairJob;
use App\Models\ShopSchool;
use App\Support\JobDocument;
use App\Support\Planning;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** Schools a shop made its own: one of the trade's, with the reaches, mixes, gun and bed it uses. */
final class ShopSchoolController extends Controller
{
    /** What of a plan is a way to spray; sides belong to one car. */
    private const KEPT = ['school', 'gun', 'wetBed', 'coats', 'ratios'];

    #[OA\Post(path: '/api/jobs/{job}/shop-schools', operationId: 'keepSchool', tags: ['blend'], parameters: [new OA\Parameter(ref: '#/components/parameters/job')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/KeepSchoolWish')))]
    #[OA\Response(response: 201, description: 'On the shelf', content: new OA\JsonContent(ref: '#/components/schemas/ShopSchool'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(DocumentRequest $request, RepairJob $job, Planning $planning): JsonResponse
    {
        $this->authorize('update', $job);
        $request->validate(
            ['name' => ['required', 'string', 'max:60', Rule::unique('shop_schools')->where('workshop_id', $job->workshop_id)]],
            ['name.unique' => 'There is a school of this name already.', 'name.*' => 'A name needs 1 to 60 characters.'],
        );
        $document = JobDocument::kept($request->document());
        // A plan that cannot be planned is no school.
        $planning->plan($document, $job->workshop_id);
        $plan = is_array($document['plan'] ?? null) ? $document['plan'] : [];
        $school = ShopSchool::query()->create(['workshop_id' => $job->workshop_id, 'name' => $request->string('name')->toString(), 'plan' => array_intersect_key($plan, array_flip(self::KEPT)), 'user_id' => $this->user($request)->id]);

        return new JsonResponse(self::row($school), 201);
    }

    #[OA\Get(path: '/api/shop-schools', operationId: 'listShopSchools', tags: ['blend'])]
    #[OA\Response(response: 200, description: 'The shop\'s own schools', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/ShopSchool')))]
    public function index(Request $request): JsonResponse
    {
        $schools = ShopSchool::query()->where('workshop_id', $this->user($request)->workshop_id)->get()->whereNull('put_away_at')->sortBy('name')->values();

        return new JsonResponse($schools->map(self::row(...))->all());
    }

    #[OA\Post(path: '/api/shop-schools/{id}/put-away', operationId: 'putSchoolAway', tags: ['blend'], parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))])]
    #[OA\Response(response: 204, description: 'No longer offered; plans that use it stay as they are')]
    #[OA\Response(response: 404, description: 'Not in this workshop', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function putAway(Request $request, string $id): JsonResponse
    {
        $school = ShopSchool::query()->where('workshop_id', $this->user($request)->workshop_id)->where('id', Str::isUuid($id) ? $id : '')->firstOrFail();
        // The name is free again for a better one.
        $school->update(['put_away_at' => now(), 'name' => mb_substr($school->name, 0, 40) . ' ' . Str::random(12)]);

        return new JsonResponse(null, 204);
    }

    /** @return array<string, mixed> */
    private static function row(ShopSchool $school): array
    {
        $plan = $school->plan;
        foreach (['coats', 'ratios'] as $map) {
            if (array_key_exists($map, $plan)) {
                $plan[$map] = (object) (is_array($plan[$map]) ? $plan[$map] : []);
            }
        }

        return ['id' => $school->id, 'name' => $school->name, 'plan' => $plan];
    }
}
