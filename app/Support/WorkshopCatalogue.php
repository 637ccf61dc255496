<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\BodyShapeRecord;
use App\Models\PaintSystemRecord;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Job\Catalogue;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\BodyShapeSvg;

/** A workshop's shelf, as the core looks things up in it. */
final class WorkshopCatalogue implements Catalogue
{
    /** @var array<string, ?BodyShape> */
    private array $bodies = [];

    /** @var array<string, ?PaintSystem> */
    private array $systems = [];

    public function __construct(private readonly int $workshopId) {}

    public function bodyShape(string $key): ?BodyShape
    {
        return $this->bodies[$key] ??= $this->readBody($key);
    }

    public function paintSystem(string $key): ?PaintSystem
    {
        return $this->systems[$key] ??= $this->readSystem($key);
    }

    private function readBody(string $key): ?BodyShape
    {
        $record = BodyShapeRecord::query()->where('workshop_id', $this->workshopId)->where('key', $key)->first();

        return $record === null ? null : BodyShapeSvg::read($record->svg);
    }

    private function readSystem(string $key): ?PaintSystem
    {
        $record = PaintSystemRecord::query()->where('workshop_id', $this->workshopId)->where('key', $key)->first();

        return $record === null ? null : PaintSystemReader::read($record->sheet);
    }
}
