<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Support\OpenApiDocument;
use Illuminate\Console\Command;

/** Writes docs/formats/openapi.json from the attributes of the API's own classes. */
final class WriteOpenApi extends Command
{
    protected $signature = 'openapi:write';

    protected $description = 'Write docs/formats/openapi.json, and which fields each body has';

    public function handle(): int
    {
        file_put_contents(base_path('docs/formats/openapi.json'), OpenApiDocument::json());
        file_put_contents(base_path('app/Http/fields.generated.php'), OpenApiDocument::fields());

        return self::SUCCESS;
    }
}
