<?php

declare(strict_types=1);

namespace App\Support;

use Kalopsis\Findings\Cause;
use Kalopsis\Findings\CauseReader;

/** What causes what goes wrong, as it ships. */
final class CauseFile
{
    /** @return list<Cause> */
    public static function all(): array
    {
        /** @var ?list<Cause> $known the file does not change while a request runs */
        static $known = null;

        return $known ??= CauseReader::read(json_decode((string) file_get_contents(base_path('data/causes.json')), true));
    }
}
