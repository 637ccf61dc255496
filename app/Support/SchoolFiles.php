<?php

declare(strict_types=1);

namespace App\Support;

use Kalopsis\Sequence\School;
use Kalopsis\Sequence\SchoolReader;
use RuntimeException;

/** The trade's schools: a file each in data/schools, in the order the trade teaches them, then by name. */
final class SchoolFiles
{
    /** The first is what a new plan begins with. */
    private const FIRST = ['inside-out-wet-bed', 'inside-out-bed-wet', 'bed-before-each', 'outside-in'];

    /** @return array<string, School> by key */
    public static function all(?string $folder = null): array
    {
        /** @var array<string, array<string, School>> $known files do not change while a request runs */
        static $known = [];
        $folder ??= base_path('data/schools');

        return $known[$folder] ??= self::read($folder);
    }

    /** One of them, without reading the others. */
    public static function named(string $key): ?School
    {
        $file = base_path("data/schools/{$key}.json");

        return preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $key) === 1 && is_file($file) ? self::of($file) : null;
    }

    private static function of(string $file): School
    {
        $school = SchoolReader::read(json_decode((string) file_get_contents($file), true));
        if ($school->key !== basename($file, '.json')) {
            throw new RuntimeException("{$file}: a school's file is named by its key.");
        }

        return $school;
    }

    /** @return array<string, School> */
    private static function read(string $folder): array
    {
        $schools = [];
        $files = glob("{$folder}/*.json");
        foreach ($files === false ? [] : $files as $file) {
            $school = self::of($file);
            $schools[$school->key] = $school;
        }
        $place = array_flip(self::FIRST);
        uasort(
            $schools,
            fn (School $a, School $b): int => [$place[$a->key] ?? 99, $a->name] <=> [$place[$b->key] ?? 99, $b->name],
        );

        return $schools;
    }
}
