<?php

declare(strict_types=1);

namespace App\Support;

use Kalopsis\Job\JobSpec;

/** The parts of a job document that are kept; anything else that was sent is dropped. */
final class JobDocument
{
    private const PARTS = ['car', 'colour', 'paintSystem', 'booth', 'repairs', 'plan'];

    /**
     * @param array<array-key, mixed> $json
     * @return array<string, mixed>
     */
    public static function kept(array $json): array
    {
        $kept = ['format' => JobSpec::FORMAT, 'version' => JobSpec::VERSION];
        foreach (self::PARTS as $part) {
            if (array_key_exists($part, $json)) {
                $kept[$part] = $json[$part];
            }
        }
        // An empty object would come back from storage as an empty list.
        foreach (['coats', 'ratios'] as $map) {
            if (is_array($kept['plan'] ?? null) && ($kept['plan'][$map] ?? null) === []) {
                unset($kept['plan'][$map]);
            }
        }

        return $kept;
    }
}
