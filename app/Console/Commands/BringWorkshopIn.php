<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\TakeArchive;
use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Units\UnitSystem;

/** An archive that is too large for the browser's way in. */
final class BringWorkshopIn extends Command
{
    protected $signature = 'workshop:bring-in {file : the archive} {lead : e-mail of the lead whose workshop it goes into}';

    protected $description = 'Take the archive of a workshop into one that has no cars yet';

    public function handle(TakeArchive $take): int
    {
        $lead = User::query()->where('email', $this->argument('lead'))->where('role', Role::Lead)->first();
        $file = $this->argument('file');
        $text = is_string($file) && is_file($file) ? file_get_contents($file) : false;
        if ($lead === null || $text === false) {
            $this->error($lead === null ? 'There is no lead with this e-mail.' : 'This file cannot be read.');

            return self::FAILURE;
        }

        try {
            foreach ($take($lead, $text) as $part => $count) {
                $this->line("{$part}: {$count}");
            }
        } catch (InvalidInput $bad) {
            foreach ($bad->problems as $problem) {
                $this->error("{$problem->field}: {$problem->detail->in(UnitSystem::Metric)}");
            }

            return self::FAILURE;
        } catch (ValidationException $bad) {
            $this->error($bad->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
