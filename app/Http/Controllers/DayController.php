<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MoveInDay;
use App\Day\BoothCalendar;
use App\Day\ShopDay;
use App\Day\ShopHours;
use App\Models\RepairJob;
use App\Policies\Right;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Kalopsis\Booth\BlockKind;
use Kalopsis\Booth\DayPlan;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\CarSpec;
use OpenApi\Attributes as OA;

/** Today as the shop's day: all cars on one axis of hours. */
final class DayController extends Controller
{
    /** A chosen order of more blocks than this is no day. */
    private const MOST_BLOCKS = 2000;

    #[
        OA\Get(
            path: '/api/day',
            operationId: 'showDay',
            tags: ['day'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/at')],
        ),
    ]
    #[OA\Response(response: 200, description: 'The day as it is planned', content: new OA\JsonContent(ref: '#/components/schemas/Day'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function show(Request $request): JsonResponse
    {
        return $this->day($request);
    }

    #[
        OA\Post(
            path: '/api/day/best',
            operationId: 'bestOrder',
            tags: ['day'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/at')],
        ),
    ]
    #[OA\Response(response: 200, description: 'The best order found, and why; nothing is changed', content: new OA\JsonContent(ref: '#/components/schemas/BestDay'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function best(Request $request): JsonResponse
    {
        $now = $this->plan($request);
        $better = $now->better();

        return new JsonResponse(['day' => $better, 'explains' => $now->explained($better), 'order' => $better->keys()]);
    }

    #[
        OA\Put(
            path: '/api/day/order',
            operationId: 'chooseOrder',
            tags: ['day'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/at')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/DayOrder'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'The day in that order', content: new OA\JsonContent(ref: '#/components/schemas/Day'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function order(Request $request): JsonResponse
    {
        $problems = new Problems();
        $order = Fields::of(json_decode($request->getContent(), true), $problems)
            ->texts('order', self::MOST_BLOCKS, 60, 'The order');
        $problems->stop();
        $this->user($request)->workshop->update(['day_order' => $order === [] ? null : $order]);

        return $this->day($request);
    }

    #[
        OA\Put(
            path: '/api/day/jobs/{job}',
            operationId: 'moveInDay',
            tags: ['day'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job'), new OA\Parameter(ref: '#/components/parameters/at')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/DayMove'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'The day with it', content: new OA\JsonContent(ref: '#/components/schemas/Day'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function move(Request $request, RepairJob $job, MoveInDay $move): JsonResponse
    {
        $this->authorize('update', $job);
        $problems = new Problems();
        $f = Fields::of(json_decode($request->getContent(), true), $problems);
        $block = $f->choice('block', BlockKind::class, 'What is moved');
        $starts = $f->has('starts') ? $f->text('starts', 16, 16, 'The time') : null;
        if ($starts !== null && $starts !== '' && ! CarSpec::isDue($starts)) {
            $problems->add('starts', 'no-time', 'A time is a day and a time, like 2026-11-28T14:10.');
        }
        $booth = $f->has('booth') ? $f->text('booth', 1, 40, 'The booth') : null;
        $person = $f->has('person') ? $f->text('person', 1, 120, 'Who') : null;
        $done = $f->has('done') && $f->flag('done', 'Done');
        if ($booth !== null && ! in_array($booth, ShopHours::of($job->workshop)->booths, true)) {
            $problems->add('booth', 'unknown', 'The shop has no such booth.');
        }
        $problems->stop();
        $move($this->user($request), $job, $block->value, $starts, $booth, $person, $done);

        return $this->day($request);
    }

    #[
        OA\Get(
            path: '/api/day/booths.ics',
            operationId: 'boothCalendar',
            tags: ['day'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/at')],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'Booth hours as iCalendar',
            content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string')),
        ),
    ]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function calendar(Request $request): Response
    {
        $text = BoothCalendar::of($this->plan($request), $this->at($request));

        return new Response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="booths.ics"',
        ]);
    }

    #[
        OA\Put(
            path: '/api/shelf/hours',
            operationId: 'setHours',
            tags: ['day'],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: '#/components/schemas/ShopHours'),
            ),
        ),
    ]
    #[OA\Response(response: 200, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/ShopHours'))]
    #[OA\Response(response: 403, description: 'Not a lead', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function hours(Request $request): JsonResponse
    {
        $user = $this->entitled($request, Right::SetHours);
        $hours = ShopHours::read(json_decode($request->getContent(), true));
        $user->workshop->update([
            'hours' => ['opens' => $hours->opens, 'closes' => $hours->closes, 'days' => $hours->days],
            'booths' => $hours->booths,
        ]);

        return new JsonResponse($hours->told());
    }

    private function day(Request $request): JsonResponse
    {
        return new JsonResponse([
            ...$this->plan($request)->jsonSerialize(),
            'hours' => ShopHours::of($this->user($request)->workshop)->told(),
        ]);
    }

    private function plan(Request $request): DayPlan
    {
        return (new ShopDay($this->user($request)->workshop->refresh(), $this->at($request)))->plan();
    }

    /** @throws ValidationException */
    private function at(Request $request): DateTimeImmutable
    {
        $at = $request->query('at', now()->format(CarSpec::DUE));
        $read = is_string($at) && CarSpec::isDue($at) ? DateTimeImmutable::createFromFormat('!' . CarSpec::DUE, $at) : false;

        return $read === false
            ? throw ValidationException::withMessages(['at' => 'Now is a day and a time, like 2026-11-28T09:57.'])
            : $read;
    }
}
