<?php

declare(strict_types=1);

namespace App\Actions;

use App\JobFile\TakeRecord;
use App\Models\BodyShapeRecord;
use App\Models\PaintSystemRecord;
use App\Models\RepairJob;
use App\Models\User;
use App\Policies\Right;
use App\Support\SameJson;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Job\JobSpec;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Exception\BadBodyShape;
use stdClass;

/**
 * Takes in a whole job file. The body shape and paint system it carries are used as they are: where the shelf
 * has another one under the same key, they are put beside it under a new key. All or nothing.
 */
final readonly class ImportJob
{
    public function __construct(private ConnectionInterface $database, private CreateJob $create, private TakeRecord $take) {}

    /**
     * @param array<array-key, mixed> $file
     * @param mixed $record what was recorded of the job, its objects as objects; null where the file has none
     * @throws InvalidInput
     */
    public function __invoke(User $user, array $file, mixed $record = null): RepairJob
    {
        $problems = new Problems();
        if (($file['format'] ?? null) !== JobSpec::FORMAT) {
            $problems->add('format', 'format', 'This is not a Kalopsis job file.');
        } elseif (! in_array($file['version'] ?? null, range(1, JobSpec::VERSION), true)) {
            $problems->add(
                'version',
                'version',
                'This file was written by another version; versions 1 and 2 are read here.',
            );
        }
        if ($record !== null && ! $record instanceof stdClass) {
            $problems->add('record', 'not-an-object', 'This must be an object with named fields.');
        }
        $problems->stop();

        return $this->database->transaction(function () use ($user, $file, $record): RepairJob {
            $at = $this->atHome($user, $file);
            $job = ($this->create)($user, $at, null, 'import');
            if ($record instanceof stdClass) {
                ($this->take)($user, $job, $record, fn (array $document): array => $this->older($user, $document, $file, $at));
            }

            return $job;
        });
    }

    /**
     * The document with the keys that its body and paint system have here.
     *
     * @param array<array-key, mixed> $file
     * @return array<array-key, mixed>
     */
    private function atHome(User $user, array $file): array
    {
        if (isset($file['bodyShapeSvg'])) {
            $file['car'] = is_array($file['car'] ?? null) ? $file['car'] : [];
            $file['car']['bodyShape'] = $this->body($user, $file['bodyShapeSvg']);
        }
        if (isset($file['paintSystemSheet'])) {
            [$file['paintSystem'], $file['paintEdition']] = $this->system($user, $file['paintSystemSheet']);
        }

        return $file;
    }

    /**
     * An older plan of the same job: what it does not bring itself is the newest one's.
     *
     * @param array<string, mixed> $document
     * @param array<array-key, mixed> $file the newest, as it came
     * @param array<array-key, mixed> $at the newest, as it is here
     * @return array<array-key, mixed>
     */
    private function older(User $user, array $document, array $file, array $at): array
    {
        $car = fn (array $of): mixed => is_array($of['car'] ?? null) ? $of['car']['bodyShape'] ?? null : null;
        if (! isset($document['bodyShapeSvg']) && $car($document) === $car($file) && is_array($document['car'] ?? null)) {
            $document['car']['bodyShape'] = $car($at);
        }
        if (! isset($document['paintSystemSheet']) && ($document['paintSystem'] ?? null) === ($file['paintSystem'] ?? null)) {
            $document['paintSystem'] = $at['paintSystem'] ?? null;
            $document['paintEdition'] = $at['paintEdition'] ?? 1;
        }

        return $this->atHome($user, $document);
    }

    private function body(User $user, mixed $svg): string
    {
        try {
            $body = BodyShapeSvg::read(is_string($svg) ? $svg : '');
        } catch (BadBodyShape $bad) {
            $problems = new Problems();
            $problems->add('bodyShapeSvg', 'bad-body-shape', $bad->getMessage());
            $problems->stop();

            throw $bad;
        }
        for ($n = 1; ; $n++) {
            $key = $n === 1 ? $body->key : mb_substr($body->key, 0, 50) . "-{$n}";
            $known = BodyShapeRecord::query()->where('workshop_id', $user->workshop_id)->where('key', $key)->first();
            if ($known === null) {
                BodyShapeRecord::query()->create([
                    'workshop_id' => $user->workshop_id,
                    'key' => $key,
                    'name' => $body->name,
                    'style' => $body->style,
                    'svg' => $svg,
                    // Who may not change the shelf does not do so by a job's file: the shape stays with that job.
                    'put_away_at' => Right::AddDrawings->isOf($user) ? null : now(),
                ]);

                return $key;
            }
            if ($known->svg === $svg) {
                if ($known->put_away_at !== null && Right::AddDrawings->isOf($user)) {
                    $known->update(['put_away_at' => null]);
                }

                return $key;
            }
        }
    }

    /** @return array{string, int} key and edition of the very same sheet here */
    private function system(User $user, mixed $sheet): array
    {
        $system = PaintSystemReader::read($sheet, 'paintSystemSheet');
        for ($n = 1; ; $n++) {
            $key = $n === 1 ? $system->key : mb_substr($system->key, 0, 50) . "-{$n}";
            $known = PaintSystemRecord::of($user->workshop_id, $key);
            if ($known === null) {
                PaintSystemRecord::query()->create([
                    'workshop_id' => $user->workshop_id,
                    'key' => $key,
                    'name' => $system->name,
                    'sheet' => $sheet,
                    'put_away_at' => Right::KeepPaint->isOf($user) ? null : now(),
                ]);

                return [$key, 1];
            }
            if (SameJson::is($known->sheet, $sheet)) {
                return [$key, $known->edition];
            }
            foreach ($known->editions as $before) {
                if (SameJson::is($before->sheet, $sheet)) {
                    return [$key, $before->number];
                }
            }
        }
    }
}
