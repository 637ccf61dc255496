<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\ReadingImport;
use App\Models\RepairJob;
use App\Models\User;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Fault;
use Kalopsis\Exchange\FileFormat;
use Kalopsis\Exchange\ReadingsFile;

/** Looks through a file of readings and keeps it; what its samples are is said afterwards. */
final readonly class ReadFile
{
    /** Faults past this are noise. */
    private const MOST_FAULTS = 60;

    /**
     * @return array<string, mixed>
     * @throws UnreadableFile
     */
    public function __invoke(User $user, RepairJob $job, string $name, string $text): array
    {
        $samples = $faults = [];
        $rows = $leftOut = 0;
        foreach (ReadingsFile::read($text) as $row) {
            if ($row instanceof Fault) {
                $leftOut += $row->mended ? 0 : 1;
                if (count($faults) < self::MOST_FAULTS) {
                    $faults[] = $row;
                }

                continue;
            }
            $rows++;
            $samples[$row->sample] ??= [
                'name' => $row->sample,
                'kind' => $row->kind,
                'shots' => 0,
                'geometry' => $row->measurement->geometry->words(),
                'viewing' => $row->measurement->viewing->name(),
                'spectral' => $row->measurement->hasSpectra(),
            ];
            $samples[$row->sample]['shots']++;
        }
        $import =
            $rows === 0
                ? null
                : ReadingImport::query()->create([
                    'repair_job_id' => $job->id,
                    'name' => $name,
                    'body' => (string) gzencode($text, 3),
                    'user_id' => $user->id,
                ]);

        return [
            'id' => $import?->id,
            'name' => $name,
            'format' => FileFormat::of($text)->value,
            'rows' => $rows,
            'leftOut' => $leftOut,
            'samples' => array_values($samples),
            'faults' => $faults,
        ];
    }
}
