<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Screen;
use Kalopsis\Panel\DistanceField;
use Kalopsis\Sight\Eye;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\LightTable;
use Kalopsis\Spray\Simulation;

/**
 * A plan as it can be walked around: the distance of each place of the panels that take part, and for each way of
 * spraying what is seen at a distance and an angle. Whoever draws it only looks up.
 */
final readonly class Walk implements JsonSerializable
{
    /** Beyond the last dust, mm. */
    private const BEYOND_MM = 120.0;

    /** A repair's own radius lies between its middle and the first place, mm. */
    private const RASTER_MORE_MM = 60.0;

    /**
     * @param list<LightTable> $tables one for each way of spraying
     * @param list<array<string, mixed>> $field one for each panel that takes part
     */
    private function __construct(private array $tables, private array $field, private Finish $finish) {}

    /** @param array<string, Simulation> $ways by panel */
    public static function of(JobPlan $plan, array $ways, Finish $finish): self
    {
        $blend = $plan->blend->need->blendMm;
        $tables = $known = $field = $reach = [];
        foreach ($plan->blend->panels as $id => $planned) {
            $way = $ways[$id];
            $key = spl_object_id($way);
            if (! isset($known[$key])) {
                $known[$key] = count($tables);
                $reach[] = self::BEYOND_MM + ($way->limitMm($blend) ?? 2.0 * $plan->blend->need->usualMm);
                $tables[] = LightTable::of($way, $blend, $reach[$known[$key]]);
            }
            $at = $known[$key];
            $most = self::RASTER_MORE_MM + $reach[$at];
            $distances = new DistanceField($planned->panel, $planned->footprints, range(-100.0, $most, 25.0), $planned->stops);
            $field[] = ['panel' => $id, 'table' => $at, ...$distances->raster($most)];
        }

        return new self($tables, $field, $finish);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $old = array_map(
            fn (int $angle): array => LightTable::rounded(
                Screen::linear($this->finish->oldAt($angle), $this->finish->viewing()),
            ),
            LightTable::ANGLES_DEG,
        );

        return [
            'angles' => LightTable::ANGLES_DEG,
            'old' => $old,
            'judged' => $this->finish->angles(),
            'standing' => array_map(Geometry::standing(...), $this->finish->angles()),
            'distances' => Eye::DISTANCES_M,
            'tables' => $this->tables,
            'field' => $this->field,
        ];
    }
}
