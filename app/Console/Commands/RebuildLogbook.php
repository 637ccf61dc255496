<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Colour\ColourDesk;
use App\Models\JobFact;
use App\Models\RepairJob;
use Illuminate\Console\Command;
use Throwable;

/** Writes the logbook's lines anew from the jobs: after an update, or for jobs that have none yet. */
final class RebuildLogbook extends Command
{
    protected $signature = 'logbook:rebuild {--missing : only jobs without a line}';

    protected $description = 'Write the lines of the logbook anew from the jobs';

    public function handle(ColourDesk $desk): int
    {
        $jobs = RepairJob::query()->with('workshop');
        if ($this->option('missing') === true) {
            $jobs->whereNotIn('id', JobFact::query()->select('repair_job_id'));
        }
        $failed = 0;
        foreach ($jobs->lazyById(100) as $job) {
            try {
                $desk->remember($job);
            } catch (Throwable $error) {
                // One job that cannot be read must not keep the others out of the logbook.
                report($error);
                $failed++;
            }
        }
        if ($failed > 0) {
            $this->warn("{$failed} jobs could not be read.");
        }

        return self::SUCCESS;
    }
}
