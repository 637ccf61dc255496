<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\LookBack\LookState;
use App\Models\JobPhoto;
use App\Models\RepairJob;
use App\Support\DefectFile;
use App\Support\KeptPhrases;
use DateTimeInterface;
use Kalopsis\Card\Light;
use Kalopsis\Findings\Defect;
use Kalopsis\Findings\LookEvent;

final class LookResource
{
    /** @return array<string, mixed> */
    public static function of(RepairJob $job): array
    {
        $looks = LookState::of($job);
        $run = LookState::run($job);
        $follows = $looks->follows;
        $taken = $job->photos()->with('user');
        $taken->whereNull('struck_at')->orderBy('created_at');
        $photos = $taken->get(JobPhoto::LISTED);

        return [
            'says' => $looks->says(),
            'lights' => array_map(fn (Light $l): array => ['key' => $l->value, 'words' => $l->words()], Light::cases()),
            // What is only seen while it is wet is nothing to look back on.
            'defects' => array_map(
                self::defect(...),
                array_values(array_filter(DefectFile::all(), fn (Defect $d): bool => $d->after !== null)),
            ),
            'findings' => array_map(self::finding(...), $looks->findings),
            'struck' => array_map(self::finding(...), $looks->struck),
            'clean' => $looks->clean === null ? null : self::finding($looks->clean),
            'delivered' => $looks->delivered?->at,
            'askAt' => $looks->askAt()?->format(DateTimeInterface::ATOM),
            'askNow' => $looks->isDue(now()->toDateTimeImmutable()),
            'asked' => $looks->asked === null
                ? null
                : [
                    'at' => $looks->asked->at,
                    'by' => $looks->asked->by,
                    'again' => ($looks->asked->body['again'] ?? false) === true,
                    'customer' => $looks->asked->text('customer'),
                    'note' => $looks->asked->text('note'),
                ],
            'followUps' => array_map(
                fn (LookEvent $e): array => ['job' => self::here($job, $e), 'how' => $e->text('how'), 'at' => $e->at],
                $looks->followUps,
            ),
            'follows' => $follows === null
                ? null
                : [
                    'job' => self::here($job, $follows),
                    'says' => KeptPhrases::objects($follows->body['says'] ?? []),
                ],
            'lessons' => array_map(
                fn (LookEvent $e): array => ['lesson' => $e->text('text'), 'at' => $e->at, 'by' => $e->by],
                $looks->lessons,
            ),
            'photos' => $photos->map(self::photo(...))->all(),
            'run' => $run?->id,
        ];
    }

    /** The other job's id; null where it stayed in another shop. */
    private static function here(RepairJob $job, LookEvent $event): ?string
    {
        $there = RepairJob::query()->where('workshop_id', $job->workshop_id)->find($event->text('job'));

        return $there?->id;
    }

    /** @return array<string, mixed> */
    public static function photo(JobPhoto $photo): array
    {
        return [
            'id' => $photo->id,
            'finding' => $photo->finding,
            'name' => $photo->name,
            'by' => $photo->by() ?? '',
            'at' => $photo->created_at->toIso8601ZuluString('millisecond'),
        ];
    }

    /** @return array<string, mixed> */
    private static function defect(Defect $defect): array
    {
        return [
            'key' => $defect->key,
            'name' => $defect->name,
            'looks' => $defect->looks,
            'picture' => $defect->picture,
            'after' => $defect->after,
            'polish' => $defect->polish,
            'reblend' => $defect->reblend,
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(LookEvent $event): array
    {
        $panel = $event->text('panel');

        return [
            'key' => $event->key,
            'defect' => $event->text('defect'),
            'light' => $event->text('light'),
            'distanceM' => $event->number('distanceM') ?? 0.0,
            'panel' => $panel === '' ? null : $panel,
            'xMm' => $event->number('xMm'),
            'yMm' => $event->number('yMm'),
            'note' => $event->text('note'),
            'at' => $event->at,
            'by' => $event->by,
        ];
    }
}
