<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\PaintSystemRecord;
use Kalopsis\Job\JobSpec;
use Kalopsis\Job\Upgrade;

/** The parts of a job document that are kept, in the newest version; anything else is dropped or refused. */
final class JobDocument
{
    private const PARTS = ['car', 'colour', 'paintSystem', 'paintEdition', 'booth', 'repairs', 'plan', 'practice'];

    /**
     * @param array<array-key, mixed> $json
     * @return array<string, mixed>
     */
    public static function kept(array $json, int $workshopId): array
    {
        $json = (new Upgrade(new WorkshopCatalogue($workshopId)))->newest($json);
        $kept = ['format' => JobSpec::FORMAT, 'version' => JobSpec::VERSION];
        foreach (self::PARTS as $part) {
            if (array_key_exists($part, $json)) {
                $kept[$part] = $json[$part];
            }
        }
        // An empty object would come back from storage as an empty list.
        if (is_array($kept['plan'] ?? null)) {
            $kept['plan'] = self::plan($kept['plan']);
        }

        return $kept;
    }

    /**
     * The same of a document that is to be kept: what nobody knows is refused at its field.
     *
     * @param array<array-key, mixed> $json
     * @return array<string, mixed>
     */
    public static function checked(array $json, int $workshopId): array
    {
        KnownFields::ofJob((new Upgrade(new WorkshopCatalogue($workshopId)))->newest($json));

        return self::kept($json, $workshopId);
    }

    /**
     * With the edition of its paint system's sheets that it was planned with, so that a newer one changes nothing unasked.
     *
     * @param array<string, mixed> $document
     * @return array<string, mixed>
     */
    public static function pinned(array $document, int $workshopId): array
    {
        $key = $document['paintSystem'] ?? null;
        $edition = isset($document['paintEdition']) || ! is_string($key)
            ? null
            : PaintSystemRecord::of($workshopId, $key)?->edition;

        return $edition === null ? $document : [...$document, 'paintEdition' => $edition];
    }

    /**
     * @param array<array-key, mixed> $plan
     * @return array<array-key, mixed>
     */
    private static function plan(array $plan): array
    {
        if (($plan['ratios'] ?? null) === []) {
            unset($plan['ratios']);
        }
        foreach (is_array($plan['sequence'] ?? null) ? $plan['sequence'] : [] as $i => $step) {
            foreach (['gun', 'mixture'] as $map) {
                if (is_array($step) && ($step[$map] ?? null) === []) {
                    unset($plan['sequence'][$i][$map]);
                }
            }
        }

        return $plan;
    }
}
