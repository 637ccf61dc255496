<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Job\Catalogue;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Material;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\PanelKind;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Spot;
use Kalopsis\Panel\Under;

/** The shipped cars and paints, and simple panels with known sizes. */
final class Bodies implements Catalogue
{
    public const KEYS = ['marlo-tern', 'quill-3', 'vesper-forty', 'hallam-ox'];

    /** @var array<string, BodyShape> */
    private array $read = [];

    public static function svg(string $key): string
    {
        return (string) file_get_contents(dirname(__DIR__, 3) . "/data/bodies/{$key}.svg");
    }

    public static function shipped(string $key): BodyShape
    {
        return BodyShapeSvg::read(self::svg($key));
    }

    public function bodyShape(string $key): ?BodyShape
    {
        return in_array($key, self::KEYS, true) ? $this->read[$key] ??= self::shipped($key) : null;
    }

    public function paintSystem(string $key): ?PaintSystem
    {
        $file = dirname(__DIR__, 3) . "/data/paint-systems/{$key}.json";

        return in_array($key, ['northlight-s', 'northlight-w'], true)
            ? PaintSystemReader::read(json_decode((string) file_get_contents($file), true))
            : null;
    }

    /** A rectangle lying on its own. */
    public static function rectangle(float $width, float $height, float $x = 0.0, float $y = 0.0): Panel
    {
        return self::panel(Outline::through([[$x, $y], [$x + $width, $y], [$x + $width, $y + $height], [$x, $y + $height]]));
    }

    public static function panel(Outline $outline): Panel
    {
        return new Panel('sheet', 'Sheet', PanelKind::Bonnet, Material::Steel, Orientation::Flat, $outline, [], []);
    }

    public static function spot(float $x, float $y, float $radius, string $panel = 'sheet', string $id = 'r1'): Repair
    {
        return new Repair($id, $panel, new Spot(new Point($x, $y), $radius), Under::Primer, 3);
    }

    /**
     * A job on a Marlo Tern with one spot in the middle of a panel.
     *
     * @param array<string, mixed> $change
     * @return array<string, mixed>
     */
    public static function job(string $panel = 'front-door-left', float $radius = 60.0, array $change = []): array
    {
        $centre = self::shipped('marlo-tern')->panel($panel)->outline->centroid();

        return array_replace_recursive([
            'format' => 'kalopsis-job',
            'version' => 1,
            'car' => ['label' => 'Marlo Tern', 'plate' => 'MB 24 TRN', 'bodyShape' => 'marlo-tern'],
            'colour' => ['name' => 'Saltmist Silver', 'code' => 'SM-07', 'finish' => 'metallic-light', 'undercoatShade' => 3],
            'paintSystem' => 'northlight-s',
            'booth' => ['temperatureC' => 22, 'humidityPercent' => 50],
            'repairs' => [[
                'id' => 'r1',
                'panel' => $panel,
                'shape' => ['kind' => 'spot', 'xMm' => $centre->x, 'yMm' => $centre->y, 'radiusMm' => $radius],
                'under' => ['kind' => 'primer', 'greyShade' => 3],
            ]],
            'plan' => ['school' => 'inside-out-wet-bed'],
        ], $change);
    }
}
