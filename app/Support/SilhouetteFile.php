<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Silhouette;
use Kalopsis\Panel\SilhouetteReader;

/** The silhouettes that ship, with the drawings they are made of. */
final class SilhouetteFile
{
    /** @return array<string, Silhouette> by key */
    public static function all(): array
    {
        return SilhouetteReader::read(self::json(), self::drawing(...));
    }

    public static function one(string $key): Silhouette
    {
        return SilhouetteReader::read(self::json(), self::drawing(...), $key)[$key] ??
            throw new ModelNotFoundException();
    }

    private static function json(): mixed
    {
        return json_decode((string) file_get_contents(base_path('data/silhouettes.json')), true);
    }

    private static function drawing(string $key): BodyShape
    {
        return BodyShapeSvg::read((string) file_get_contents(base_path("data/bodies/{$key}.svg")));
    }
}
