<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\RepairJob;
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
            'changedBy' => $head->user?->name,
            'changedAt' => $head->created_at->toIso8601String(),
            'document' => $head->document,
            'plan' => $plan,
        ], $status, ['ETag' => "\"{$job->head}\""]);
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
