<?php

declare(strict_types=1);

namespace App\Support;

use Kalopsis\Findings\Defect;
use Kalopsis\Findings\DefectReader;

/** What goes wrong in a booth and what is done about it, as it ships. */
final class DefectFile
{
    /** @return list<Defect> */
    public static function all(): array
    {
        /** @var ?list<Defect> $known the file does not change while a request runs */
        static $known = null;

        return $known ??= DefectReader::read(json_decode((string) file_get_contents(base_path('data/defects.json')), true));
    }
}
