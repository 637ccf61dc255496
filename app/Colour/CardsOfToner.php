<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ShopToner;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerCards;
use Kalopsis\Tint\TonerKind;

/** What the cards of a toner say, with the white and the black of the same paint. */
final class CardsOfToner
{
    /**
     * @param array{name: string, kind: string, system: ?string, cards: list<array<string, mixed>>} $wish
     * @return array{k: list<float>, s: list<float>, area: float, grade: ?string, strength: float, tint: list<float>,
     *     areaKnown: bool, residuals: list<array{card: string, dE: float}>}
     */
    public function optics(int $workshopId, string $key, array $wish): array
    {
        $kind = TonerKind::from($wish['kind']);
        $cards = new TonerCards(array_map(self::card(...), $wish['cards']));
        $other = fn (TonerKind $of): ?Toner => self::measured($workshopId, $of, $wish['system'], $key);
        $found = $kind->isFlake()
            ? $cards->flakes($key, $wish['name'], $kind, $other(TonerKind::Black), $wish['system'])
            : $cards->solid($key, $wish['name'], $kind, $other(TonerKind::White), $wish['system']);
        $toner = $found['toner'];

        return [
            'k' => self::short($toner->k),
            's' => self::short($toner->s),
            'area' => round($toner->area, 4),
            'grade' => $toner->grade?->value,
            'strength' => round($toner->strength, 4),
            'tint' => self::short($toner->tint),
            'areaKnown' => $found['areaKnown'],
            'residuals' => array_map(
                fn (array $r): array => ['card' => $r['card'], 'dE' => round($r['dE'], 2)],
                $found['residuals'],
            ),
        ];
    }

    /**
     * @param list<float> $values
     * @return list<float>
     */
    private static function short(array $values): array
    {
        return array_map(fn (float $x): float => round($x, 6), $values);
    }

    /**
     * @param array<string, mixed> $card as TonerRequest read it
     * @return array{share: float, over: string, read: Measurement}
     */
    private static function card(array $card): array
    {
        $spectra = [];
        foreach (is_array($card['spectra'] ?? null) ? $card['spectra'] : [] as $angle => $values) {
            /** @var list<float> $values */
            $spectra[(int) $angle] = Spectrum::of($values);
        }
        $share = $card['share'] ?? null;
        $over = $card['over'] ?? null;

        return [
            'share' => is_numeric($share) ? (float) $share : 100.0,
            'over' => is_string($over) ? $over : 'hiding',
            'read' => Measurement::ofSpectra($spectra),
        ];
    }

    /** The white or black of a paint that was measured. */
    private static function measured(int $workshopId, TonerKind $kind, ?string $system, string $but): ?Toner
    {
        $query = ShopToner::query();
        $query->where(['workshop_id' => $workshopId, 'kind' => $kind->value, 'system' => $system]);
        $query->where('key', '<>', $but)->whereNotNull('optics')->whereNull('put_away_at')->orderBy('id');

        return $query->first()?->asToner();
    }
}
