<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BodyShapeRecord;
use App\Models\PaintSystemRecord;
use App\Models\RepairJob;
use App\Models\User;
use App\Support\SameJson;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Job\JobSpec;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Exception\BadBodyShape;

/**
 * Takes in a whole job file. The body shape and paint system it carries are used as they are: where the shelf
 * has another one under the same key, they are put beside it under a new key. All or nothing.
 */
final readonly class ImportJob
{
    public function __construct(private ConnectionInterface $database, private CreateJob $create) {}

    /**
     * @param array<array-key, mixed> $file
     * @throws InvalidInput
     */
    public function __invoke(User $user, array $file): RepairJob
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
        $problems->stop();

        return $this->database->transaction(function () use ($user, $file): RepairJob {
            if (isset($file['bodyShapeSvg'])) {
                $file['car'] = is_array($file['car'] ?? null) ? $file['car'] : [];
                $file['car']['bodyShape'] = $this->body($user, $file['bodyShapeSvg']);
            }
            if (isset($file['paintSystemSheet'])) {
                $file['paintSystem'] = $this->system($user, $file['paintSystemSheet']);
            }

            return ($this->create)($user, $file, null, 'import');
        });
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
                ]);

                return $key;
            }
            if ($known->svg === $svg) {
                return $key;
            }
        }
    }

    private function system(User $user, mixed $sheet): string
    {
        $system = PaintSystemReader::read($sheet, 'paintSystemSheet');
        for ($n = 1; ; $n++) {
            $key = $n === 1 ? $system->key : mb_substr($system->key, 0, 50) . "-{$n}";
            $known = PaintSystemRecord::query()->where('workshop_id', $user->workshop_id)->where('key', $key)->first();
            if ($known === null) {
                PaintSystemRecord::query()->create([
                    'workshop_id' => $user->workshop_id,
                    'key' => $key,
                    'name' => $system->name,
                    'sheet' => $sheet,
                ]);

                return $key;
            }
            if (SameJson::is($known->sheet, $sheet)) {
                return $key;
            }
        }
    }
}
