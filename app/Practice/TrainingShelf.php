<?php

declare(strict_types=1);

namespace App\Practice;

use App\Support\WorkshopCatalogue;
use Kalopsis\Calibration\Calibration;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Job\Catalogue;
use Kalopsis\Job\Equipment;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Sequence\School;

/** What is practised with: the workshop's shelf, and behind it the paint systems that ship, whatever a shop really has. */
final readonly class TrainingShelf implements Catalogue
{
    private WorkshopCatalogue $shelf;

    public function __construct(int $workshopId)
    {
        $this->shelf = new WorkshopCatalogue($workshopId);
    }

    public function bodyShape(string $key): ?BodyShape
    {
        return $this->shelf->bodyShape($key);
    }

    public function paintSystem(string $key, ?int $edition = null): ?PaintSystem
    {
        $own = $this->shelf->paintSystem($key, $edition);
        $file = base_path("data/paint-systems/{$key}.json");

        return $own === null && preg_match('/^[a-z0-9-]{1,60}$/', $key) === 1 && is_file($file)
            ? PaintSystemReader::read(json_decode((string) file_get_contents($file), true))
            : $own;
    }

    public function school(string $key): ?School
    {
        return $this->shelf->school($key);
    }

    public function equipment(): Equipment
    {
        return Equipment::usual();
    }

    public function calibration(): Calibration
    {
        return $this->shelf->calibration();
    }
}
