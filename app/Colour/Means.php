<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ColourReading;
use App\Models\ColourSample;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Readings;
use Kalopsis\Colour\Shot;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Why\Phrase;

/** Keeps the mean of a sample's readings beside it, so that the desk need not go through thousands of shots each time. */
final class Means
{
    /** @throws InvalidInput when the readings cannot be averaged */
    public static function refresh(ColourSample $sample): void
    {
        $shots = $surfaces = $sources = $instruments = [];
        $readings = $sample->readings();
        $readings->whereNull('excluded_at');
        foreach ($readings->lazyById(1000) as $reading) {
            $shots[] = new Shot(self::id($reading), $reading->spot, Pair::measurement($reading->measurement));
            $surfaces[$reading->surface->value] = true;
            $sources[$reading->source] = true;
            if ($reading->instrument !== '') {
                $instruments["i{$reading->instrument}"] = $reading->instrument;
            }
        }
        if ($shots === []) {
            $sample->mean = null;
            $sample->save();

            return;
        }

        try {
            $all = Readings::of($shots);
        } catch (CannotCompare $bad) {
            throw new InvalidInput([new Problem('readings', 'cannot-average', Phrase::of($bad->getMessage()))]);
        }
        $sample->mean = [
            'measurement' => (array) json_decode((string) json_encode($all->mean), true),
            'shots' => $all->shots,
            'spots' => $all->spots,
            'outliers' => $all->outliers,
            'spread' => round($all->spread, 4),
            'surfaces' => array_keys($surfaces),
            'sources' => array_keys($sources),
            'instruments' => array_values($instruments),
        ];
        $sample->save();
    }

    /** A reading's name among the shots. */
    public static function id(ColourReading $reading): string
    {
        return "r{$reading->id}";
    }

    /** @param iterable<ColourReading> $readings */
    public static function away(iterable $readings): Readings
    {
        $shots = [];
        foreach ($readings as $reading) {
            $shots[] = new Shot(self::id($reading), $reading->spot, Pair::measurement($reading->measurement));
        }
        assert($shots !== []);

        return Readings::of($shots);
    }
}
