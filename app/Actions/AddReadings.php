<?php

declare(strict_types=1);

namespace App\Actions;

use App\Colour\Means;
use App\Models\ColourReading;
use App\Models\ColourSample;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Card\ReadingSource;
use Kalopsis\Card\Surface;
use Kalopsis\Colour\Measurement;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Why\Phrase;

/** Adds shots to a sample and refreshes its mean, all or none. */
final readonly class AddReadings
{
    /** More than this on one sample is a mistake in the file. */
    public const MOST = 20_000;

    public function __construct(private ConnectionInterface $database) {}

    /** @param list<array{spot: string, measurement: Measurement}> $shots */
    public function __invoke(
        User $user,
        ColourSample $sample,
        array $shots,
        Surface $surface,
        ReadingSource $source,
        string $instrument = '',
    ): void {
        $this->database->transaction(function () use ($user, $sample, $shots, $surface, $source, $instrument): void {
            if ($sample->readings()->count() + count($shots) > self::MOST) {
                throw new InvalidInput([
                    new Problem(
                        'readings',
                        'too-many',
                        Phrase::of('At most {n} readings are kept for one sample.', ['n' => self::MOST]),
                    ),
                ]);
            }
            foreach (array_chunk($shots, 200) as $chunk) {
                ColourReading::query()->insert(
                    array_map(
                        fn (array $shot): array => [
                            'colour_sample_id' => $sample->id,
                            'spot' => $shot['spot'],
                            'surface' => $surface->value,
                            'source' => $source->value,
                            'instrument' => $instrument,
                            'measurement' => (string) json_encode($shot['measurement']),
                            'user_id' => $user->id,
                        ],
                        $chunk,
                    ),
                );
            }
            Means::refresh($sample);
        });
    }
}
