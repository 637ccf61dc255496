<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** Says in words what of a plan changed since a card passed for it. */
final class PassFallen
{
    /** Reaches that moved by less are the same, mm. Common practice: nobody marks a panel closer. */
    private const SAME_MM = 1.0;

    /**
     * @param array<array-key, mixed> $then a snapshot as it was kept; what cannot be read of it says nothing
     * @return list<Phrase>
     */
    public static function because(array $then, JobPlan $plan): array
    {
        $then = (array) json_decode((string) json_encode($then), true);
        $now = (array) json_decode((string) json_encode(Fingerprint::snapshot($plan)), true);
        $out = [];
        foreach (
            [
                'colour' => 'The colour is another.',
                'system' => 'The paint system is another.',
                'reducer' => 'The reducer is another.',
                'repairs' => 'A repair was moved, added, taken away or prepared otherwise.',
                'ends' => 'Colour ends at other gaps.',
                'letDown' => 'The colour is judged at another number of coats.',
            ] as $part => $says
        ) {
            if (($then[$part] ?? null) !== ($now[$part] ?? null)) {
                $out[] = Phrase::of($says);
            }
        }
        if (($then['booth'] ?? null) !== ($now['booth'] ?? null)) {
            $out[] = Phrase::of('The booth is {celsius} and {humidity} now.', [
                'celsius' => Quantity::celsius($plan->job->booth->temperatureC),
                'humidity' => Quantity::percent($plan->job->booth->humidityPercent),
            ]);
        }

        return [...$out, ...self::coats(self::map($then, 'coats'), self::map($now, 'coats'), $then, $now)];
    }

    /**
     * @param array<array-key, mixed> $before
     * @param array<array-key, mixed> $after
     * @param array<array-key, mixed> $then
     * @param array<array-key, mixed> $now
     * @return list<Phrase>
     */
    private static function coats(array $before, array $after, array $then, array $now): array
    {
        $out = [];
        $names = [...self::map(self::map($then, 'told'), 'names'), ...self::map(self::map($now, 'told'), 'names')];
        $name = fn (string $id): string => is_string($names[$id] ?? null) ? $names[$id] : $id;
        foreach ($before as $id => $coat) {
            if (! isset($after[$id])) {
                $out[] = Phrase::of('{coat} is gone.', ['coat' => $name((string) $id)]);
            }
        }
        foreach ($after as $id => $coat) {
            $id = (string) $id;
            $was = $before[$id] ?? null;
            if (! is_array($was) || ! is_array($coat)) {
                $out[] = Phrase::of('{coat} is new.', ['coat' => $name($id)]);

                continue;
            }
            $further =
                self::number(self::map(self::map($now, 'told'), 'reach'), $id) -
                self::number(self::map(self::map($then, 'told'), 'reach'), $id);
            if ($was['extent'] !== $coat['extent'] && abs($further) >= self::SAME_MM) {
                $out[] = Phrase::of(
                    $further > 0.0 ? '{coat} now reaches {by} further.' : '{coat} now stops {by} sooner.',
                    ['coat' => $name($id), 'by' => Quantity::mm(round(abs($further)))],
                );
            } elseif ($was['extent'] !== $coat['extent']) {
                $out[] = Phrase::of('{coat} ends otherwise.', ['coat' => $name($id)]);
            }
            foreach (
                [
                    'mixture' => '{coat} is mixed otherwise.',
                    'film' => '{coat} is laid in another film.',
                    'gun' => '{coat} is sprayed with the gun set otherwise.',
                    'landsIn' => '{coat} lands in something else.',
                    'drying' => '{coat} dries otherwise.',
                    'where' => '{coat} is sprayed in other places.',
                    'kind' => '{coat} is another kind of coat.',
                ] as $part => $says
            ) {
                if (($was[$part] ?? null) !== ($coat[$part] ?? null)) {
                    $out[] = Phrase::of($says, ['coat' => $name($id)]);
                }
            }
        }

        return $out;
    }

    /**
     * @param array<array-key, mixed> $in
     * @return array<array-key, mixed>
     */
    private static function map(array $in, string $key): array
    {
        return is_array($in[$key] ?? null) ? $in[$key] : [];
    }

    /** @param array<array-key, mixed> $in */
    private static function number(array $in, string $key): float
    {
        return is_numeric($in[$key] ?? null) ? (float) $in[$key] : 0.0;
    }
}
