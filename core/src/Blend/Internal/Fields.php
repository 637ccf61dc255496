<?php

declare(strict_types=1);

namespace Kalopsis\Blend\Internal;

use Kalopsis\Panel\DistanceField;
use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\Region;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\ExtentKind;

/**
 * Distance fields of a panel, one for each set of repairs that coats are measured from; made when first asked for,
 * regions kept.
 */
final class Fields
{
    /** @var array<string, DistanceField> */
    private array $fields = [];

    /** @var array<string, Region> */
    private array $regions = [];

    /** @param list<Coat> $coats */
    public function __construct(
        private readonly Panel $panel,
        private readonly InPlay $inPlay,
        private readonly array $coats,
    ) {}

    public function within(Coat $coat, float $mm): Region
    {
        $footprints = self::of($coat, $this->inPlay);
        if ($footprints === []) {
            return Region::nothing();
        }
        $key = self::key($coat);

        return $this->regions["{$key} {$mm}"] ??= $this->field($key, $footprints)->within($mm);
    }

    /**
     * What a coat's reach is measured from on a panel.
     *
     * @return list<Footprint>
     */
    private static function of(Coat $coat, InPlay $inPlay): array
    {
        $where = $coat->step->where;
        $own = array_values(
            array_filter($inPlay->footprints, fn (Footprint $f): bool => $where->takesRepair($f->repair->id)),
        );
        $here = array_values(array_filter($own, fn (Footprint $f): bool => $f->repair->panelId === $inPlay->panel->id));

        return $coat->step->extent->kind === ExtentKind::Between && count($here) > 1
            ? [...$own, Footprint::around($here)]
            : $own;
    }

    private static function key(Coat $coat): string
    {
        return $coat->step->extent->kind->value . ' ' . implode(' ', $coat->step->where->repairs);
    }

    /** @param list<Footprint> $footprints */
    private function field(string $key, array $footprints): DistanceField
    {
        if (! isset($this->fields[$key])) {
            $levels = [];
            foreach ($this->coats as $coat) {
                if ($coat->reachMm !== null && $coat->kind() !== CoatKind::Sealer && self::key($coat) === $key) {
                    array_push($levels, $coat->reachMm, $coat->reachMm + $coat->fadeMm);
                    $levels = $coat->innerMm === null ? $levels : [...$levels, $coat->innerMm];
                }
            }
            $this->fields[$key] = new DistanceField(
                $this->panel,
                $footprints,
                $levels,
                $this->inPlay->stops,
            );
        }

        return $this->fields[$key];
    }
}
