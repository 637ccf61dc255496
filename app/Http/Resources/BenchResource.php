<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Colour\Pair;
use App\Models\ColourFormula;
use App\Models\RepairJob;
use App\Support\JobDocument;
use Illuminate\Http\JsonResponse;
use Kalopsis\Job\JobPlan;

/** A job on the bench: its document, and the plan computed from it. */
final class BenchResource
{
    public static function of(RepairJob $job, JobPlan $plan, int $status = 200): JsonResponse
    {
        $head = $job->at($job->head);

        return self::json([
            'id' => $job->id,
            'version' => $job->head,
            'archived' => $job->archived_at !== null,
            'canUndo' => $head->undo_to !== null,
            'canRedo' => $head->redo_to !== null,
            'change' => $head->change,
            'changedBy' => $head->by(),
            'changedAt' => $head->created_at->toIso8601String(),
            'document' => JobDocument::kept($head->document, $job->workshop_id),
            'plan' => $plan,
            'formula' => self::formula($job, $plan),
            'paint' => Pair::of($job)->screen(),
            'sheets' => PaintResource::standing($job->workshop_id, $head->document),
        ], $status, ['ETag' => "\"{$job->head}\""]);
    }

    /** @return ?array<string, mixed> the newest formula of the colour: what the sheet prints */
    private static function formula(RepairJob $job, JobPlan $plan): ?array
    {
        $colour = $plan->job->colour;
        $formula = ColourFormula::newest($job->workshop_id, $colour->name, $colour->code);

        return $formula === null
            ? null
            : ['number' => $formula->number, ...RecipeResource::of($formula->recipe, $job->workshop_id)];
    }

    public static function preview(JobPlan $plan): JsonResponse
    {
        return self::json(['plan' => $plan]);
    }

    /**
     * @param array<string, mixed> $data
     * @param array<string, string> $headers
     */
    private static function json(array $data, int $status = 200, array $headers = []): JsonResponse
    {
        return new JsonResponse($data, $status, $headers, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
