<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeScenario;
use App\Support\DefectFile;
use Illuminate\Support\Facades\Cache;
use Kalopsis\Practice\Best;
use Kalopsis\Practice\DefectLooks;
use Kalopsis\Practice\Scenario;
use Kalopsis\Practice\ScenarioReader;
use Kalopsis\Practice\SetUpReader;

/** The scenarios of a workshop: those that ship, and those its lead made of jobs. */
final readonly class Scenarios
{
    private const SECONDS = 86400;

    private TrainingShelf $shelf;

    public function __construct(private int $workshopId)
    {
        $this->shelf = new TrainingShelf($workshopId);
    }

    /** @return array<string, Scenario> by key, the easy ones first, the workshop's own last */
    public function all(): array
    {
        $reader = new ScenarioReader($this->shelf);
        $out = $reader->all(json_decode((string) file_get_contents(base_path('data/practice.json')), true));
        $own = PracticeScenario::query()->where('workshop_id', $this->workshopId);
        $own->whereNull('put_away_at')->orderBy('created_at');
        foreach ($own->get() as $one) {
            $out[$one->id] = $reader->read($one->scenario);
        }

        return $out;
    }

    public function reader(): SetUpReader
    {
        return new SetUpReader($this->shelf);
    }

    /**
     * How defects look as the model sprays them; a start of the application forgets them, as below.
     *
     * @return array<string, array{form: string, car: string, hex: list<string>, sizeMm: float, acrossMm: float}> by defect
     */
    public function defects(): array
    {
        return Cache::remember(
            "defects {$this->workshopId}",
            self::SECONDS,
            fn (): array => (new DefectLooks($this->reader()))->all(DefectFile::all()),
        );
    }

    /** What a search found; a start of the application forgets it, so that a change of the model counts. */
    public function best(Scenario $scenario): Best
    {
        $key = hash('xxh128', serialize($scenario));
        /** @var array{array<string, string>, float, float, float} $kept */
        $kept = Cache::remember("practice {$this->workshopId} {$key}", self::SECONDS, function () use ($scenario): array {
            $best = Best::of($scenario, $this->reader());

            return [$best->chosen, $best->index, $best->minutes, $best->ml];
        });

        return new Best(...$kept);
    }
}
