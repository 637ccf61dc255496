<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\ShopToner;
use Kalopsis\Colour\Screen;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Fault;
use Kalopsis\Exchange\ReadingsFile;
use stdClass;

/** A toner of the shop's own, with its cards and what they say. */
final class TonerResource
{
    private const MOST_SAMPLES = 200;

    /** @return array<string, mixed> */
    public static function of(ShopToner $toner): array
    {
        return [
            'key' => $toner->key,
            'name' => $toner->name,
            'kind' => $toner->kind->value,
            'system' => $toner->system,
            'cards' => array_map(self::card(...), $toner->cards),
            'fit' => $toner->optics === null ? null : self::fit($toner->optics),
            'putAway' => $toner->put_away_at !== null,
        ];
    }

    /**
     * @param array{k: list<float>, s: list<float>, area: float, grade: ?string, strength: float, tint: list<float>,
     *     areaKnown: bool, residuals: list<array{card: string, dE: float}>} $optics
     * @return array<string, mixed>
     */
    public static function fit(array $optics): array
    {
        return [...$optics, 'worst' => max(0.0, ...array_column($optics['residuals'], 'dE'))];
    }

    /**
     * Samples of a file of readings that have spectra, the shots of each averaged.
     *
     * @return array<string, mixed>
     * @throws UnreadableFile
     */
    public static function readings(string $text): array
    {
        $sums = $counts = [];
        $faults = [];
        foreach (ReadingsFile::read($text) as $row) {
            if ($row instanceof Fault) {
                $faults[] = $row;

                continue;
            }
            foreach ($row->measurement->spectra as $angle => $spectrum) {
                $counts[$row->sample][$angle] = ($counts[$row->sample][$angle] ?? 0) + 1;
                foreach ($spectrum->values as $i => $v) {
                    $sums[$row->sample][$angle][$i] = ($sums[$row->sample][$angle][$i] ?? 0.0) + $v;
                }
            }
        }
        if ($sums === []) {
            throw UnreadableFile::because('There are no spectra in it: toners are built from 31 reflectances, 400 to 700 nm.');
        }
        $out = [];
        foreach (array_slice($sums, 0, self::MOST_SAMPLES, true) as $sample => $angles) {
            $spectra = [];
            foreach ($angles as $angle => $values) {
                $n = $counts[$sample][$angle];
                $spectra[$angle] = array_map(fn (float $v): float => round($v / $n, 5), array_values($values));
            }
            $out[] = self::card(['name' => $sample, 'share' => 100.0, 'over' => 'hiding', 'spectra' => $spectra]);
        }

        return ['samples' => $out, 'faults' => array_slice($faults, 0, 20)];
    }

    /**
     * @param array<string, mixed> $card
     * @return array<string, mixed> with a colour for a screen
     */
    private static function card(array $card): array
    {
        $spectra = is_array($card['spectra'] ?? null) ? $card['spectra'] : [];
        $values = $spectra[45] ?? (array_values($spectra)[0] ?? null);
        $hex = '#888888';
        if (is_array($values)) {
            /** @var list<float> $values */
            $hex = Screen::hex(Spectrum::of($values)->lab(Viewing::paint()));
        }

        return [...$card, 'spectra' => $spectra === [] ? new stdClass() : (object) $spectra, 'hex' => $hex];
    }
}
