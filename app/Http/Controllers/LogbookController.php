<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\LogResource;
use App\Logbook\ColourHistory;
use App\Logbook\Logbook;
use App\Models\JobFact;
use App\Models\RepairJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kalopsis\Units\Quantity;
use OpenApi\Attributes as OA;

/** The shop's memory: jobs, colours, how often work was done again. */
final class LogbookController extends Controller
{
    private const MOST_PAGES = 10_000;

    #[
        OA\Get(
            path: '/api/logbook',
            operationId: 'searchLogbook',
            tags: ['logbook'],
            parameters: [
                new OA\Parameter(name: 'q', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(
                    name: 'which',
                    in: 'query',
                    schema: new OA\Schema(type: 'string', enum: ['all', 'seen', 'redo', 'ask']),
                ),
                new OA\Parameter(name: 'page', in: 'query', schema: new OA\Schema(type: 'integer')),
            ],
        ),
    ]
    #[OA\Response(response: 200, description: 'Jobs, the newest first', content: new OA\JsonContent(ref: '#/components/schemas/LogPage'))]
    public function index(Request $request): JsonResponse
    {
        $page = filter_var($request->query('page'), FILTER_VALIDATE_INT, [
            'options' => ['min_range' => 1, 'max_range' => self::MOST_PAGES, 'default' => 1],
        ]);
        $found = (new Logbook($this->user($request)))->jobs(self::words($request), self::which($request), $page);

        return new JsonResponse([
            'jobs' => array_map(LogResource::row(...), $found['jobs']),
            'page' => $page,
            'more' => $found['more'],
        ]);
    }

    #[OA\Get(path: '/api/logbook/sums', operationId: 'sumLogbook', tags: ['logbook'])]
    #[OA\Response(response: 200, description: 'Colours, rates, minutes', content: new OA\JsonContent(ref: '#/components/schemas/LogSums'))]
    public function sums(Request $request): JsonResponse
    {
        $logbook = new Logbook($this->user($request));
        $sums = $logbook->sums();

        return new JsonResponse([
            ...$sums,
            'planned' => Quantity::minutes(round($sums['planned'])),
            'real' => Quantity::minutes(round($sums['real'])),
            'ml' => Quantity::ml(round($sums['ml'])),
            'currency' => $logbook->currency(),
            'months' => array_map(LogResource::month(...), $logbook->months()),
        ]);
    }

    #[
        OA\Get(
            path: '/api/logbook/colour',
            operationId: 'colourHistory',
            tags: ['logbook'],
            parameters: [
                new OA\Parameter(name: 'name', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'code', in: 'query', schema: new OA\Schema(type: 'string')),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Cars in this colour, what was tried, tint steps, formulas',
            content: new OA\JsonContent(ref: '#/components/schemas/ColourHistory'),
        ),
    ]
    public function colour(Request $request): JsonResponse
    {
        $text = function (string $key) use ($request): string {
            $value = $request->query($key);

            return is_string($value) ? mb_substr($value, 0, 80) : '';
        };
        $history = ColourHistory::of($this->user($request)->workshop_id, $text('name'), $text('code'));

        return new JsonResponse(LogResource::history($history));
    }

    #[OA\Get(path: '/api/logbook.csv', operationId: 'exportLogbook', tags: ['logbook'], parameters: [
        new OA\Parameter(name: 'q', in: 'query', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'which', in: 'query', schema: new OA\Schema(type: 'string', enum: ['all', 'seen', 'redo', 'ask'])),
    ])]
    #[
        OA\Response(
            response: 200,
            description: 'A line a job, RFC 4180',
            content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
        ),
    ]
    public function csv(Request $request): Response
    {
        $query = (new Logbook($this->user($request)))->found(self::words($request), self::which($request));
        $query->orderByDesc('opened_at');
        /** @var iterable<JobFact> $facts */
        $facts = $query->lazy(1000);

        return new Response(LogResource::csv($facts), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="logbook.csv"',
        ]);
    }

    #[
        OA\Get(
            path: '/api/jobs/{job}/last-times',
            operationId: 'lastTimes',
            tags: ['logbook'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The last times this job\'s colour was here',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/LogRow')),
        ),
    ]
    public function lastTimes(Request $request, RepairJob $job): JsonResponse
    {
        $this->authorize('view', $job);
        $colour = $job->at($job->head)->document['colour'] ?? [];
        $text = fn (string $key): string => is_array($colour) && is_string($colour[$key] ?? null) ? $colour[$key] : '';
        $facts = (new Logbook($this->user($request)))->lastTimes($text('name'), $text('code'), $job->id);

        return new JsonResponse(array_map(LogResource::row(...), $facts));
    }

    private static function words(Request $request): string
    {
        $q = $request->query('q');

        return is_string($q) ? mb_substr($q, 0, 100) : '';
    }

    /** @return 'all'|'seen'|'redo'|'ask' */
    private static function which(Request $request): string
    {
        return match ($request->query('which')) {
            'seen' => 'seen',
            'redo' => 'redo',
            'ask' => 'ask',
            default => 'all',
        };
    }
}
