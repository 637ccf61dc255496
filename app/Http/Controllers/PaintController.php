<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepPaintSystem;
use App\Http\Resources\PaintResource;
use App\Models\PaintSystemRecord;
use App\Models\User;
use App\Policies\Right;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kalopsis\Exchange\PaintSystemTable;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use OpenApi\Attributes as OA;

/** Paint systems and their data sheets: typed in, taken from files, every edition kept. */
final class PaintController extends Controller
{
    #[OA\Get(path: '/api/paint-systems/{key}', operationId: 'paintSystem', tags: ['shelf'], parameters: [
        new OA\Parameter(ref: '#/components/parameters/paintKey'),
        new OA\Parameter(name: 'edition', in: 'query', schema: new OA\Schema(type: 'integer')),
    ])]
    #[OA\Response(response: 200, description: 'Its sheet', content: new OA\JsonContent(ref: '#/components/schemas/PaintSystemSheet'))]
    #[OA\Response(response: 404, description: 'Not here', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function show(Request $request, string $key): JsonResponse
    {
        return $this->answer($this->find($this->user($request), $key), self::edition($request));
    }

    #[OA\Post(path: '/api/paint-systems', operationId: 'addPaintSystem', tags: ['shelf'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/Sheet'),
    ))]
    #[OA\Response(response: 201, description: 'On the shelf', content: new OA\JsonContent(ref: '#/components/schemas/PaintSystemSheet'))]
    #[OA\Response(response: 403, description: 'Not an apprentice\'s to do', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(Request $request, KeepPaintSystem $keep): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepPaint);

        return $this->answer($keep->add($user, json_decode($request->getContent(), true)), null, 201);
    }

    #[OA\Put(
        path: '/api/paint-systems/{key}',
        operationId: 'changePaintSystem',
        tags: ['shelf'],
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/paintKey'),
            new OA\Parameter(name: 'If-Match', in: 'header', required: true, schema: new OA\Schema(type: 'string')),
        ],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Sheet')),
    )]
    #[OA\Response(response: 200, description: 'Its next edition', content: new OA\JsonContent(ref: '#/components/schemas/PaintSystemSheet'))]
    #[OA\Response(response: 412, description: 'Somebody typed one in between', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function update(Request $request, string $key, KeepPaintSystem $keep): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepPaint);
        $record = $this->find($user, $key);

        $sheet = json_decode($request->getContent(), true);

        return $this->answer($keep->change($user, $record, $sheet, $this->onVersion($request)));
    }

    #[OA\Post(path: '/api/paint-systems/read', operationId: 'readPaintSystem', tags: ['shelf'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/PaintFile'),
    ))]
    #[OA\Response(response: 200, description: 'What the file says', content: new OA\JsonContent(ref: '#/components/schemas/PaintFileRead'))]
    #[OA\Response(response: 422, description: 'Faults by field or line', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function read(Request $request): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepPaint);
        $text = $request->input('text');
        $sheet = self::fromFile(is_string($text) ? $text : '');
        $known = PaintSystemRecord::of($user->workshop_id, is_string($sheet['key'] ?? null) ? $sheet['key'] : '');

        return new JsonResponse([
            'sheet' => PaintResource::sheet($sheet),
            'known' => $known === null ? null : ['key' => $known->key, 'name' => $known->name, 'edition' => $known->edition],
            'changes' => $known === null ? [] : PaintSystemTable::differences($known->sheet, $sheet),
        ]);
    }

    #[OA\Post(path: '/api/paint-systems/check', operationId: 'checkPaintSystem', tags: ['shelf'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/Sheet'),
    ))]
    #[OA\Response(
        response: 200,
        description: 'What follows from each product',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/ProductFollows')),
    )]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function check(Request $request): JsonResponse
    {
        $system = PaintSystemReader::read(json_decode($request->getContent(), true));

        return new JsonResponse(array_map(PaintResource::follows(...), $system->all()));
    }

    #[OA\Get(path: '/api/paint-systems/{key}/file', operationId: 'paintSystemFile', tags: ['shelf'], parameters: [
        new OA\Parameter(ref: '#/components/parameters/paintKey'),
        new OA\Parameter(name: 'as', in: 'query', schema: new OA\Schema(type: 'string', enum: ['json', 'csv'])),
        new OA\Parameter(name: 'edition', in: 'query', schema: new OA\Schema(type: 'integer')),
    ])]
    #[OA\Response(response: 200, description: 'docs/formats/paint-system.schema.json, or the same as a table')]
    public function file(Request $request, string $key): Response
    {
        $record = $this->find($this->user($request), $key);
        $sheet = $record->sheetAt(self::edition($request)) ?? throw self::gone();
        $csv = $request->query('as') === 'csv';

        return new Response(
            $csv
                ? PaintSystemTable::write($sheet)
                : json_encode($sheet, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
            200,
            [
                'Content-Type' => $csv ? 'text/csv; charset=utf-8' : 'application/json',
                'Content-Disposition' => "attachment; filename=\"{$record->key}." . ($csv ? 'csv' : 'json') . '"',
            ],
        );
    }

    #[OA\Post(
        path: '/api/paint-systems/{key}/put-away',
        operationId: 'putPaintAway',
        tags: ['shelf'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/paintKey')],
    )]
    #[OA\Response(response: 200, description: 'Put away', content: new OA\JsonContent(ref: '#/components/schemas/PaintSystemSheet'))]
    #[OA\Response(response: 422, description: 'Cars are mixed from it', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function putAway(Request $request, string $key, KeepPaintSystem $keep): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepPaint);

        return $this->answer($keep->putAway($user, $this->find($user, $key), true));
    }

    #[OA\Post(
        path: '/api/paint-systems/{key}/restore',
        operationId: 'restorePaint',
        tags: ['shelf'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/paintKey')],
    )]
    #[OA\Response(response: 200, description: 'Back', content: new OA\JsonContent(ref: '#/components/schemas/PaintSystemSheet'))]
    public function restore(Request $request, string $key, KeepPaintSystem $keep): JsonResponse
    {
        $user = $this->entitled($request, Right::KeepPaint);

        return $this->answer($keep->putAway($user, $this->find($user, $key), false));
    }

    /**
     * @return array<string, mixed> a sheet that is good
     * @throws InvalidInput
     */
    private static function fromFile(string $text): array
    {
        if (str_starts_with(ltrim($text, "\u{FEFF} \t\r\n"), '{')) {
            $sheet = json_decode(ltrim($text, "\u{FEFF}"), true, 16);
            PaintSystemReader::read($sheet);

            return is_array($sheet) ? $sheet : [];
        }
        $table = PaintSystemTable::read($text);

        try {
            PaintSystemReader::read($table->json);
        } catch (InvalidInput $bad) {
            $placed = fn (Problem $p): Problem => new Problem($table->where($p->field), $p->code, $p->detail);

            throw new InvalidInput(array_map($placed, $bad->problems));
        }

        return $table->json;
    }

    private function answer(PaintSystemRecord $record, ?int $edition = null, int $status = 200): JsonResponse
    {
        return new JsonResponse(PaintResource::of($record, $edition) ?? throw self::gone(), $status, [
            'ETag' => "\"{$record->edition}\"",
        ]);
    }

    private static function edition(Request $request): ?int
    {
        $asked = $request->query('edition');

        return $asked === null ? null : (is_string($asked) && preg_match('/^\d{1,6}$/D', $asked) === 1 ? (int) $asked : 0);
    }

    private function find(User $user, string $key): PaintSystemRecord
    {
        return PaintSystemRecord::of($user->workshop_id, $key) ?? throw self::gone();
    }

    /** @return ModelNotFoundException<covariant Model> */
    private static function gone(): ModelNotFoundException
    {
        $gone = new ModelNotFoundException();
        $gone->setModel(PaintSystemRecord::class);

        return $gone;
    }
}
