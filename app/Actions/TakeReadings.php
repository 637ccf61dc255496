<?php

declare(strict_types=1);

namespace App\Actions;

use App\Colour\ColourDesk;
use App\Colour\Means;
use App\Models\ColourReading;
use App\Models\ColourSample;
use App\Models\ReadingImport;
use App\Models\RepairJob;
use App\Models\User;
use Generator;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Card\ReadingSource;
use Kalopsis\Card\SampleKind;
use Kalopsis\Exchange\ReadingsFile;
use Kalopsis\Exchange\Row;
use Kalopsis\Input\InvalidInput;
use Throwable;

/** Takes the good lines of a file that was looked through: all of them or none, told step by step. A file is taken once. */
final readonly class TakeReadings
{
    private const STEP = 250;

    public function __construct(private ConnectionInterface $database, private AddSample $add, private ColourDesk $desk) {}

    /**
     * @param array<array-key, string> $as by sample name: car, card, variant, or "" to leave it
     * @param string $instrument what they were read with; empty: nobody said
     * @return Generator<int, array<string, mixed>>
     */
    public function __invoke(User $user, RepairJob $job, ReadingImport $import, array $as, string $instrument = ''): Generator
    {
        if ($import->taken_at !== null) {
            yield ['taken' => 0, 'already' => true];

            return;
        }
        $text = (string) gzdecode($import->body);
        $total = 0;
        foreach (ReadingsFile::read($text) as $row) {
            $total += $row instanceof Row ? 1 : 0;
        }
        $this->database->beginTransaction();
        // Who takes it at the same moment waits here, and finds it taken.
        RepairJob::held($job->id);
        $locked = ReadingImport::query();
        $locked->lockForUpdate();
        if ($locked->find($import->id)?->taken_at !== null) {
            $this->database->rollBack();
            yield ['taken' => 0, 'already' => true];

            return;
        }

        try {
            $done = $taken = 0;
            $samples = $waiting = [];
            foreach (ReadingsFile::read($text) as $row) {
                if (! ($row instanceof Row)) {
                    continue;
                }
                $kind = SampleKind::tryFrom($as[$row->sample] ?? '');
                if ($kind !== null) {
                    $sample = $samples[$row->sample] ??= $this->add->__invoke($user, $job, null, $kind, $row->sample, []);
                    $waiting[] = [
                        'colour_sample_id' => $sample->id,
                        'spot' => $row->spot,
                        'surface' => 'polished',
                        'source' => ReadingSource::File->value,
                        'instrument' => $instrument,
                        'measurement' => (string) json_encode($row->measurement),
                        'user_id' => $user->id,
                    ];
                    $taken++;
                }
                if (++$done % self::STEP === 0) {
                    ColourReading::query()->insert($waiting);
                    $waiting = [];
                    yield ['done' => $done, 'of' => $total];
                }
            }
            ColourReading::query()->insert($waiting);
            foreach ($samples as $sample) {
                Means::refresh($sample);
            }
            $import->update(['taken_at' => now()]);
            $this->database->commit();
        } catch (Throwable $error) {
            $this->database->rollBack();
            if (! ($error instanceof InvalidInput)) {
                report($error);
            }
            yield [
                'title' => 'Nothing was taken.',
                'detail' =>
                    $error instanceof InvalidInput
                        ? $error->problems[0]->jsonSerialize()['detail']
                        : 'Something went wrong on our side. Try again.',
            ];

            return;
        }
        $this->desk->remember($job);
        yield [
            'done' => $total,
            'of' => $total,
            'taken' => $taken,
            'samples' => array_map(fn (ColourSample $s): string => $s->id, array_values($samples)),
        ];
    }
}
