<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Tint\Exception\BadDrawdowns;

/**
 * A solid toner from its drawdowns: absorption and scattering for each wavelength by two-constant Kubelka-Munk theory,
 * relative to the white of the same paint (Allen's relative constants: Color Res. Appl. 1980, from memory). Weighted least
 * squares: g K - w g S = w W S(white) - W K(white) for each card, w its K/S.
 */
final readonly class SolidFit
{
    /** What an instrument is off, reflectance: so much always, and so much of what it reads. Chosen here. */
    private const OFF = 0.0006;

    private const OFF_SHARE = 0.003;

    /** Rounds of weighing: the weights hang on S. Chosen here. */
    private const ROUNDS = 4;

    /** Two cards whose K/S lie nearer than this everywhere say one thing twice. Chosen here. */
    private const TOO_ALIKE = 0.05;

    /** Nothing that colours paint scatters less, white = 1. Chosen here. */
    private const LEAST_S = 1e-4;

    /** @param list<array{share: float, dE: float}> $residuals CIEDE2000 between each card and what the toner predicts */
    private function __construct(public Toner $toner, public array $residuals) {}

    /**
     * White is what the others are told by: its scattering is 1 everywhere, its absorption that of its masstone.
     *
     * @param non-empty-list<Drawdown> $cards masstones
     * @throws BadDrawdowns
     */
    public static function white(string $key, string $name, array $cards, ?string $system = null): self
    {
        $k = [];
        for ($i = 0; $i < Spectrum::COUNT; $i++) {
            $sum = 0.0;
            foreach ($cards as $card) {
                if (! $card->isMasstone()) {
                    throw BadDrawdowns::because('White is drawn down alone.');
                }
                $sum += KubelkaMunk::ratio(self::within($card->inside[$i]));
            }
            $k[] = $sum / count($cards);
        }
        $toner = new Toner($key, $name, TonerKind::White, $k, array_fill(0, Spectrum::COUNT, 1.0), system: $system);

        return new self($toner, self::residuals($toner, null, $cards));
    }

    /**
     * @param Toner $white of the same paint
     * @param non-empty-list<Drawdown> $cards at least two that differ: masstone and one with white, or two with white
     * @throws BadDrawdowns where they cannot tell absorption from scattering
     */
    public static function of(string $key, string $name, TonerKind $kind, Toner $white, array $cards): self
    {
        if (count(array_unique(array_map(fn (Drawdown $c): string => (string) round($c->share, 2), $cards))) < 2) {
            throw BadDrawdowns::because('Absorption and scattering take two cards: masstone, and one with white.');
        }
        $k = $s = [];
        $apart = 0.0;
        for ($i = 0; $i < Spectrum::COUNT; $i++) {
            $ratios = array_map(fn (Drawdown $c): float => KubelkaMunk::ratio(self::within($c->inside[$i])), $cards);
            $apart = max($apart, max($ratios) / max(1e-9, min($ratios)) - 1.0);
            [$k[], $s[]] = self::at($i, $ratios, $cards, $white);
        }
        if ($apart < self::TOO_ALIKE) {
            throw BadDrawdowns::because('All cards look the same: was the white forgotten in one of them?');
        }
        $toner = new Toner($key, $name, $kind, $k, $s, system: $white->system);

        return new self($toner, self::residuals($toner, $white, $cards));
    }

    /**
     * @param list<float> $ratios K/S of each card
     * @param list<Drawdown> $cards
     * @return array{float, float} K and S
     */
    private static function at(int $i, array $ratios, array $cards, Toner $white): array
    {
        $s = 0.3;
        $k = 0.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $aa = $ab = $bb = $ay = $by = 0.0;
            foreach ($cards as $n => $card) {
                $g = $card->share / 100.0;
                $w = 1.0 - $g;
                $r = self::within($card->inside[$i]);
                $off = self::OFF + self::OFF_SHARE * $card->read[$i];
                // How far that reaches into K/S, and from there into the line.
                $sigma = $off * (1.0 - $r * $r) / (2.0 * $r * $r) * ($g * $s + $w * $white->s[$i]) + 1e-9;
                $a = $g / $sigma;
                $b = -$ratios[$n] * $g / $sigma;
                $y = ($ratios[$n] * $w * $white->s[$i] - $w * $white->k[$i]) / $sigma;
                $aa += $a * $a;
                $ab += $a * $b;
                $bb += $b * $b;
                $ay += $a * $y;
                $by += $b * $y;
            }
            $det = $aa * $bb - $ab * $ab;
            if (abs($det) > 1e-12 * $aa * $bb) {
                [$k, $s] = [($bb * $ay - $ab * $by) / $det, ($aa * $by - $ab * $ay) / $det];
            }
            if ($s < self::LEAST_S || $k < 0.0) {
                $s = max(self::LEAST_S, $s);
                $k = max(0.0, ($ay - $ab * $s) / $aa);
            }
        }

        return [$k, $s];
    }

    /**
     * @param list<Drawdown> $cards
     * @return list<array{share: float, dE: float}>
     */
    private static function residuals(Toner $toner, ?Toner $white, array $cards): array
    {
        $model = new SolidModel(TonerLibrary::of($white === null ? [$toner] : [$white, $toner]));
        $out = [];
        foreach ($cards as $card) {
            $grams = [$toner->key => $card->share];
            if ($white !== null && ! $card->isMasstone()) {
                $grams[$white->key] = 100.0 - $card->share;
            }
            $said = Spectrum::of($model->spectra($grams)[45])->lab(Viewing::paint());
            $read = Spectrum::of($card->read)->lab(Viewing::paint());
            $out[] = ['share' => $card->share, 'dE' => Ciede2000::between($said, $read)];
        }

        return $out;
    }

    private static function within(float $r): float
    {
        return max(1e-4, min(0.9999, $r));
    }
}
