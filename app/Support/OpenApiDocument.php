<?php

declare(strict_types=1);

namespace App\Support;

use OpenApi\Generator;

/** The OpenAPI document as the classes under app/Http describe it. */
final class OpenApiDocument
{
    public static function json(): string
    {
        $openapi = Generator::scan([base_path('app/Http')], ['version' => '3.0.0']);

        return ($openapi?->toJson() ?? '{}') . "\n";
    }
}
