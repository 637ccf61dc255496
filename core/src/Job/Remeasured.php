<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Freehand;
use Kalopsis\Panel\PanelSizes;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Spot;

/**
 * A job on whose car panels were measured after its repairs were drawn. A repair keeps its own size, which was seen on the
 * metal; its place moves along, so that it lies as far from the edges as before, in proportion.
 */
final readonly class Remeasured
{
    public function __construct(private Catalogue $catalogue) {}

    /**
     * @param array<string, mixed> $document a job that can be read
     * @param mixed $sizes of all panels that are measured, as under "car.sizes"; null or empty: as drawn
     * @return array<string, mixed> the document with the sizes and with its repairs moved
     * @throws InvalidInput at "car.sizes.PANEL.alongMm" where nothing is like that, and as JobReader
     */
    public function of(array $document, mixed $sizes): array
    {
        $job = (new JobReader($this->catalogue))->read($document);
        $car = is_array($document['car'] ?? null) ? $document['car'] : [];
        $drawn = $this->catalogue->bodyShape($job->car->bodyShape) ?? $job->body;
        $before = self::sizes($car['sizes'] ?? null, $drawn);
        $after = self::sizes($sizes, $drawn);

        try {
            $place = fn (Point $at): Point => $after->place($drawn, $before, $at);
            $moved = array_map(fn (Repair $r): array => self::moved($r, $place), $job->repairs);
        } catch (InvalidInput $bad) {
            throw $bad->under('car.sizes');
        }
        $repairs = is_array($document['repairs'] ?? null) ? array_values($document['repairs']) : [];
        foreach ($repairs as $i => $repair) {
            if (is_array($repair) && is_array($repair['shape'] ?? null)) {
                $repairs[$i] = [...$repair, 'shape' => [...$repair['shape'], ...$moved[$i] ?? []]];
            }
        }
        unset($car['sizes']);
        if (is_array($sizes) && $sizes !== []) {
            $car['sizes'] = $sizes;
        }
        $document = [...$document, 'car' => $car, 'repairs' => $repairs];
        (new JobReader($this->catalogue))->read($document);

        return $document;
    }

    private static function sizes(mixed $sizes, BodyShape $drawn): PanelSizes
    {
        $problems = new Problems();
        $read = PanelSizes::read(Fields::of($sizes ?? [], $problems, 'car.sizes'), $drawn);
        $problems->stop();

        return $read;
    }

    /**
     * @param callable(Point): Point $place
     * @return array<string, mixed> what of its shape is another
     */
    private static function moved(Repair $repair, callable $place): array
    {
        $round = fn (float $mm): float => round($mm, 1);
        if ($repair->shape instanceof Spot) {
            $at = $place($repair->shape->centre);

            return ['xMm' => $round($at->x), 'yMm' => $round($at->y)];
        }
        if (! $repair->shape instanceof Freehand) {
            return [];
        }
        $outline = $repair->shape->outline;
        $was = $outline->centroid();
        $at = $place($was);
        $points = [];
        foreach ($outline->xs as $i => $x) {
            $points[] = [$round($x + $at->x - $was->x), $round($outline->ys[$i] + $at->y - $was->y)];
        }

        return ['points' => $points];
    }
}
