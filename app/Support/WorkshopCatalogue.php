<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\BodyShapeRecord;
use App\Models\PaintSystemRecord;
use App\Models\ShopSchool;
use App\Models\Workshop;
use App\Models\WorkshopCalibration;
use Kalopsis\Calibration\Calibration;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Job\Catalogue;
use Kalopsis\Job\Equipment;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Sequence\School;

/** A workshop's shelf, as the core looks things up in it. */
final class WorkshopCatalogue implements Catalogue
{
    /** @var array<string, ?BodyShape> */
    private array $bodies = [];

    /** @var array<string, ?PaintSystem> */
    private array $systems = [];

    /** @var ?array<string, ShopSchool> */
    private ?array $own = null;

    private ?Calibration $tested = null;

    private ?Equipment $equipment = null;

    public function __construct(private readonly int $workshopId) {}

    public function bodyShape(string $key): ?BodyShape
    {
        return $this->bodies[$key] ??= $this->readBody($key);
    }

    public function paintSystem(string $key, ?int $edition = null): ?PaintSystem
    {
        return $this->systems["{$key} {$edition}"] ??= $this->readSystem($key, $edition);
    }

    /** @return list<PaintSystem> on the shelf, by name */
    public function paintSystems(): array
    {
        $query = PaintSystemRecord::query();
        $query->where('workshop_id', $this->workshopId)->whereNull('put_away_at');
        $records = $query->get()->sortBy('name');

        return array_values($records->map(fn (PaintSystemRecord $r): PaintSystem => PaintSystemReader::read($r->sheet))->all());
    }

    public function school(string $key): ?School
    {
        return SchoolFiles::named($key) ?? ($this->own()[$key] ?? null)?->asSchool($this);
    }

    public function equipment(): Equipment
    {
        return $this->equipment ??= Workshop::query()->find($this->workshopId)?->equipment() ?? Equipment::usual();
    }

    public function calibration(): Calibration
    {
        return $this->tested ??= WorkshopCalibration::inUse($this->workshopId);
    }

    /** @return list<School> the trade's, then the shop's own by name */
    public function schools(): array
    {
        $own = [];
        foreach ($this->own() as $school) {
            if ($school->put_away_at === null) {
                $own[] = $school->asSchool($this);
            }
        }

        return [...array_values(SchoolFiles::all()), ...$own];
    }

    /** @return array<string, ShopSchool> by key, those put away too: plans made with them stay what they are */
    private function own(): array
    {
        if ($this->own === null) {
            $this->own = [];
            foreach (ShopSchool::query()->where('workshop_id', $this->workshopId)->get()->sortBy('name') as $school) {
                $this->own[$school->key()] = $school;
            }
        }

        return $this->own;
    }

    private function readBody(string $key): ?BodyShape
    {
        $record = BodyShapeRecord::query()->where('workshop_id', $this->workshopId)->where('key', $key)->first();

        return $record === null ? null : (new KeptShapes())->read($record->svg);
    }

    private function readSystem(string $key, ?int $edition): ?PaintSystem
    {
        $sheet = PaintSystemRecord::of($this->workshopId, $key)?->sheetAt($edition);

        return $sheet === null ? null : PaintSystemReader::read($sheet);
    }
}
