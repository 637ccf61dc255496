<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tint\Exception\BadDrawdowns;

/** The cards and panels of one toner, told apart by what was drawn down on what: what they say of it. */
final readonly class TonerCards
{
    private const ANGLE = 45;

    /**
     * @param list<array{share: float, over: string, read: Measurement}> $cards share: grams of the toner in a hundred; over
     *     "hiding", "black" or "white"; solids are read at 45/0, flakes at several angles
     */
    public function __construct(private array $cards) {}

    /**
     * @param ?Toner $white of the same paint; null where this is the white
     * @return array{toner: Toner, areaKnown: bool, residuals: list<array{card: string, dE: float}>}
     * @throws BadDrawdowns
     */
    public function solid(string $key, string $name, TonerKind $kind, ?Toner $white, ?string $system): array
    {
        $cards = $this->drawdowns();
        if ($cards === []) {
            throw BadDrawdowns::because('There is no card yet.');
        }
        $fit = match (true) {
            $kind === TonerKind::White => SolidFit::white($key, $name, $cards, $system),
            $white !== null => SolidFit::of($key, $name, $kind, $white, $cards),
            default => throw BadDrawdowns::because('The white of this paint comes first: the others are told by it.'),
        };

        return [
            'toner' => $fit->toner,
            'areaKnown' => true,
            'residuals' => array_map(
                fn (array $r): array => [
                    'card' => $r['share'] >= 100.0 ? 'masstone' : sprintf('%g in a hundred', $r['share']),
                    'dE' => $r['dE'],
                ],
                $fit->residuals,
            ),
        ];
    }

    /**
     * @param ?Toner $black of the same paint, where a panel has it
     * @return array{toner: Toner, areaKnown: bool, residuals: list<array{card: string, dE: float}>}
     * @throws BadDrawdowns
     */
    public function flakes(string $key, string $name, TonerKind $kind, ?Toner $black, ?string $system): array
    {
        $alone = $mixed = null;
        foreach ($this->cards as $card) {
            if ($card['share'] >= 100.0) {
                $alone ??= $card['read'];
            } else {
                $mixed ??= $card;
            }
        }
        if ($alone === null) {
            throw BadDrawdowns::because('Flakes need a panel of them alone.');
        }
        $panel = $mixed === null ? null : [
            'grams' => $mixed['share'],
            'blackGrams' => 100.0 - $mixed['share'],
            'black' => $black ?? throw BadDrawdowns::because('A panel with black needs the black of this paint: build it first.'),
            'panel' => $mixed['read'],
        ];
        $fit = FlakeFit::of($key, $name, $kind, $alone, $panel, $system);

        return [
            'toner' => $fit->toner,
            'areaKnown' => $fit->areaKnown,
            'residuals' => array_map(fn (array $r): array => ['card' => $r['panel'], 'dE' => $r['dE']], $fit->residuals),
        ];
    }

    /**
     * Cards that hide, and pairs over black and white of the same mix.
     *
     * @return list<Drawdown>
     * @throws BadDrawdowns
     */
    private function drawdowns(): array
    {
        $out = $pairs = [];
        foreach ($this->cards as $card) {
            $spectrum = self::spectrum($card['read']);
            if ($card['over'] === 'hiding') {
                $out[] = Drawdown::hiding($card['share'], $spectrum);
            } else {
                $pairs[(string) $card['share']][$card['over']] = [$card['share'], $spectrum];
            }
        }
        foreach ($pairs as $pair) {
            if (! isset($pair['black'], $pair['white'])) {
                throw BadDrawdowns::because('A film that does not hide is read over the black and over the white of the card.');
            }
            $out[] = Drawdown::over($pair['black'][0], $pair['black'][1], $pair['white'][1]);
        }

        return $out;
    }

    private static function spectrum(Measurement $read): Spectrum
    {
        return $read->spectra[self::ANGLE] ?? throw BadDrawdowns::because('A card is read with spectra, at 45/0.');
    }
}
