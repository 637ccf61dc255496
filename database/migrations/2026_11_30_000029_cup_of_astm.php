<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The flow cup of ASTM D1200 is called by its standard now, like the others; sheets that were entered before keep theirs. */
return new class () extends Migration {
    /** A cup of no. 4 that is neither DIN's nor ISO's: there was one. */
    private const FORMER = '"cup":[ ]*"(?!din-|iso-|astm-)[a-z]+-4"';

    public function up(): void
    {
        foreach (['paint_systems', 'paint_editions'] as $table) {
            DB::update("UPDATE {$table} SET sheet = REGEXP_REPLACE(sheet, ?, ?)", [self::FORMER, '"cup":"astm-4"']);
        }
    }
};
