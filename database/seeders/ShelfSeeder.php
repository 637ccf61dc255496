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
    /** name, code, finish, grey shade the formula names */
    private const COLOURS = [
        ['Saltmist Silver', 'SM-07', 'metallic-light', 3],
        ['Harbour Slate', 'HS-21', 'metallic-dark', 5],
        ['Lichen Green', 'LG-02', 'solid-dark', 5],
        ['Gull White', 'GW-01', 'solid-light', 1],
        ['Oat Pearl', 'OP-33', 'pearl', 2],
        ['Copper Dusk', 'CD-18', 'pearl', 4],
    ];

    public function stock(Workshop $workshop): void
    {
        foreach ((array) glob(base_path('data/bodies/*.svg')) as $file) {
            $svg = (string) file_get_contents((string) $file);
            $body = BodyShapeSvg::read($svg);
            BodyShapeRecord::query()->updateOrCreate(['workshop_id' => $workshop->id, 'key' => $body->key], ['name' => $body->name, 'style' => $body->style, 'svg' => $svg]);
        }
        foreach ((array) glob(base_path('data/paint-systems/*.json')) as $file) {
            $sheet = json_decode((string) file_get_contents((string) $file), true, 32, JSON_THROW_ON_ERROR);
            $system = PaintSystemReader::read($sheet);
            PaintSystemRecord::query()->updateOrCreate(['workshop_id' => $workshop->id, 'key' => $system->key], ['name' => $system->name, 'sheet' => $sheet]);
        }
        foreach (self::COLOURS as [$name, $code, $finish, $shade]) {
            Colour::query()->updateOrCreate(['workshop_id' => $workshop->id, 'name' => $name, 'code' => $code], ['finish' => $finish, 'undercoat_shade' => $shade]);
        }
    }
}
