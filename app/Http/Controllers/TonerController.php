<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepToner;
use App\Colour\Bench;
use App\Colour\CardsOfToner;
use App\Http\Requests\TonerRequest;
use App\Http\Resources\TonerResource;
use App\Models\Happening;
use App\Models\ShopToner;
use App\Models\User;
use App\Policies\Right;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The toners of the shop's own mixing bench, by name and by their drawdowns. */
final class TonerController extends Controller
{
    #[OA\Get(path: '/api/toners', operationId: 'toners', tags: ['shelf'])]
    #[OA\Response(response: 200, description: 'The bench', content: new OA\JsonContent(ref: '#/components/schemas/TonerBench'))]
    public function index(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $query = ShopToner::query();
        $query->where('workshop_id', $user->workshop_id)->orderBy('name');

        return new JsonResponse([
            'toners' => array_map(TonerResource::of(...), array_values($query->get()->all())),
            'shipped' => Bench::hasShipped($user->workshop_id),
        ]);
    }

    #[OA\Post(path: '/api/toners', operationId: 'addToner', tags: ['shelf'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/TonerWish'),
    ))]
    #[OA\Response(response: 201, description: 'On the bench', content: new OA\JsonContent(ref: '#/components/schemas/OwnToner'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(TonerRequest $request, KeepToner $keep): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepToners);

        return new JsonResponse(TonerResource::of($keep($user, null, $request->wish())), 201);
    }

    #[OA\Put(
        path: '/api/toners/{toner}',
        operationId: 'changeToner',
        tags: ['shelf'],
        parameters: [new OA\Parameter(name: 'toner', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/TonerWish')),
    )]
    #[OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: '#/components/schemas/OwnToner'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function update(TonerRequest $request, string $toner, KeepToner $keep): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepToners);

        return new JsonResponse(TonerResource::of($keep($user, self::find($user, $toner), $request->wish())));
    }

    #[OA\Post(path: '/api/toners/fit', operationId: 'fitToner', tags: ['shelf'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/TonerWish'),
    ))]
    #[OA\Response(response: 200, description: 'What the cards say', content: new OA\JsonContent(ref: '#/components/schemas/TonerFit'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function fit(TonerRequest $request, CardsOfToner $cards): JsonResponse
    {
        $user = $this->user($request);
        $key = $request->query('of');

        return new JsonResponse(TonerResource::fit(
            $cards->optics($user->workshop_id, is_string($key) ? $key : 'new', $request->wish()),
        ));
    }

    #[OA\Post(path: '/api/toners/readings', operationId: 'readTonerCards', tags: ['shelf'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/PaintFile'),
    ))]
    #[OA\Response(
        response: 200,
        description: 'Samples with spectra, shots averaged',
        content: new OA\JsonContent(ref: '#/components/schemas/TonerReadings'),
    )]
    #[OA\Response(response: 422, description: 'No readings', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function readings(Request $request): JsonResponse
    {
        $this->user($request);
        $text = $request->input('text');

        return new JsonResponse(TonerResource::readings(is_string($text) ? $text : ''));
    }

    #[OA\Post(
        path: '/api/toners/{toner}/put-away',
        operationId: 'putTonerAway',
        tags: ['shelf'],
        parameters: [new OA\Parameter(name: 'toner', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    )]
    #[OA\Response(response: 200, description: 'Away', content: new OA\JsonContent(ref: '#/components/schemas/OwnToner'))]
    public function putAway(Request $request, string $toner): JsonResponse
    {
        return $this->away($request, $toner, true);
    }

    #[OA\Post(
        path: '/api/toners/{toner}/restore',
        operationId: 'restoreToner',
        tags: ['shelf'],
        parameters: [new OA\Parameter(name: 'toner', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    )]
    #[OA\Response(response: 200, description: 'Back', content: new OA\JsonContent(ref: '#/components/schemas/OwnToner'))]
    public function restore(Request $request, string $toner): JsonResponse
    {
        return $this->away($request, $toner, false);
    }

    private function away(Request $request, string $key, bool $away): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepToners);
        $toner = self::find($user, $key);
        if ($away !== ($toner->put_away_at !== null)) {
            $toner->update(['put_away_at' => $away ? now() : null]);
            Happening::add($user, $away ? 'toner-put-away' : 'toner-back', $toner->name);
            Bench::forget();
        }

        return new JsonResponse(TonerResource::of($toner));
    }

    private static function find(User $user, string $key): ShopToner
    {
        $query = ShopToner::query();

        return $query->where('workshop_id', $user->workshop_id)->where('key', $key)->firstOrFail();
    }
}
