<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\ModelTest;
use App\Models\User;
use App\Models\Workshop;
use App\Models\WorkshopCalibration;
use App\Support\WorkshopCatalogue;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Trials\Calibrator;
use Kalopsis\Trials\Trial;
use Kalopsis\Trials\TrialReader;

/** Adds tests or puts them away, and keeps what all of them say together; the same key sent twice is kept once. */
final readonly class TestModel
{
    /** @param array<string, array<string, mixed>> $tests checked, by key */
    public function add(User $user, array $tests): void
    {
        $this->changed($user, function () use ($user, $tests): bool {
            $new = false;
            foreach ($tests as $key => $body) {
                $row = ModelTest::query()->createOrFirst(
                    ['workshop_id' => $user->workshop_id, 'key' => $key],
                    ['kind' => $body['kind'], 'body' => $body, 'user_id' => $user->id],
                );
                $new = $new || $row->wasRecentlyCreated;
            }

            return $new;
        });
    }

    /** What all tests that are there come to, after they came from elsewhere. */
    public function again(User $user): void
    {
        $this->changed($user, fn (): bool => self::counting($user->workshop_id)->isNotEmpty());
    }

    public function putAway(User $user, ModelTest $test, bool $away): void
    {
        $this->changed($user, function () use ($test, $away): bool {
            $test->put_away_at = $away ? Carbon::now() : null;

            return $test->isDirty() && $test->save();
        });
    }

    /** @return Collection<int, ModelTest> that count, the oldest first */
    public static function counting(int $workshopId): Collection
    {
        $query = ModelTest::query()->where('workshop_id', $workshopId);
        $query->whereNull('put_away_at')->orderByDesc('id')->limit(TrialReader::MOST);

        return $query->get()->reverse()->values();
    }

    public static function fit(int $workshopId): Calibrator
    {
        $reader = new TrialReader(new WorkshopCatalogue($workshopId));
        $read = fn (ModelTest $t): ?Trial => self::readable($t, $reader);

        return Calibrator::of(array_values(array_filter(self::counting($workshopId)->map($read)->all())));
    }

    /** A test of what has gone from the shelf says nothing any more; null then. */
    public static function readable(ModelTest $test, TrialReader $reader): ?Trial
    {
        try {
            return $reader->read($test->body);
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @param callable(): bool $change says whether anything is new */
    private function changed(User $user, callable $change): void
    {
        DB::transaction(function () use ($user, $change): void {
            // One after the other: what is kept is of all tests there are.
            $workshop = Workshop::query()->whereKey($user->workshop_id);
            $workshop->lockForUpdate();
            $workshop->firstOrFail();
            if ($change()) {
                $fit = self::fit($user->workshop_id);
                WorkshopCalibration::query()->create([
                    'workshop_id' => $user->workshop_id,
                    'found' => $fit->calibration(),
                    'groups' => $fit->groups,
                    'user_id' => $user->id,
                ]);
            }
        });
    }
}
