<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\BodyShapeRecord;
use App\Models\Colour;
use App\Models\PaintSystemRecord;
use App\Models\Workshop;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Panel\BodyShapeSvg;

/** Reference data: puts the shipped body shapes, paint systems and colours on a workshop's shelf. Safe to repeat. */
final class ShelfSeeder
{
    public function stock(Workshop $workshop): void
    {
        $workshop->update(['shipped_toners' => true]);
        foreach ((array) glob(base_path('data/bodies/*.svg')) as $file) {
            $svg = (string) file_get_contents((string) $file);
            $body = BodyShapeSvg::read($svg);
            BodyShapeRecord::query()->updateOrCreate(
                ['workshop_id' => $workshop->id, 'key' => $body->key],
                ['name' => $body->name, 'style' => $body->style, 'svg' => $svg],
            );
        }
        foreach ((array) glob(base_path('data/paint-systems/*.json')) as $file) {
            $sheet = json_decode((string) file_get_contents((string) $file), true, 32, JSON_THROW_ON_ERROR);
            $system = PaintSystemReader::read($sheet);
            // What somebody typed since stays.
            if (PaintSystemRecord::of($workshop->id, $system->key) !== null) {
                continue;
            }
            PaintSystemRecord::query()->create([
                'workshop_id' => $workshop->id,
                'key' => $system->key,
                'name' => $system->name,
                'sheet' => $sheet,
            ]);
        }
        foreach (
            json_decode((string) file_get_contents(base_path('data/colours.json')), true, 16, JSON_THROW_ON_ERROR) as $colour
        ) {
            Colour::query()->firstOrCreate(
                ['workshop_id' => $workshop->id, 'name' => $colour['name'], 'code' => $colour['code']],
                [
                    'finish' => $colour['finish'],
                    'undercoat_shade' => $colour['undercoatShade'],
                    'recipe' => array_intersect_key($colour, ['toners' => 1, 'layer' => 1, 'variants' => 1]),
                ],
            );
        }
    }
}
