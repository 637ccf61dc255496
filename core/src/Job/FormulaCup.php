<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Cups\Portion;
use Kalopsis\Cups\Scale;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TonerLibrary;

/**
 * A colour's formula scaled to what a cup takes: toner by toner, in mixing order, with what the scale's error does to the
 * colour and how much has to be mixed for the least toner to be weighed at all.
 */
final readonly class FormulaCup implements JsonSerializable
{
    /** Density of toners, g/ml: only for how full the cup gets. Chosen here, between solvent 0.9 and white 1.4. */
    private const TONER_G_PER_ML = 1.0;

    private function __construct(public Formula $formula, private TonerLibrary $library, private Scale $scale) {}

    /** @param float $grams of unreduced colour that the cup takes, > 0 */
    public static function of(Formula $formula, TonerLibrary $library, float $grams, Scale $scale): self
    {
        return new self($formula->scaledTo($grams), $library, $scale);
    }

    /** @return list<Portion> */
    public function portions(): array
    {
        $out = [];
        foreach ($this->formula->grams as $key => $grams) {
            $out[] = new Portion($this->library->toner($key)->name, $grams, self::TONER_G_PER_ML);
        }

        return $out;
    }

    /** Grams of colour from which on the least toner is no less than the scale can weigh. */
    public function leastBatchG(): float
    {
        return $this->formula->total() * $this->scale->leastG() / min($this->formula->grams);
    }

    /** Drops of the least toner: below one it cannot be given at all. */
    public function leastDrops(): float
    {
        return min($this->formula->grams) / Scale::DROP_G;
    }

    /**
     * Colour difference (CIEDE2000, the mean of the angles) that the scale's own error may make: each toner off by what the
     * scale is allowed there, taken together as independent errors are, root of the sum of squares. Null where a toner was
     * never measured.
     */
    public function scaleError(): ?float
    {
        if (! $this->library->knows($this->formula->grams)) {
            return null;
        }
        $true = $this->measured($this->formula);
        $sum = $load = 0.0;
        foreach ($this->formula->grams as $key => $grams) {
            $before = $this->scale->errorG($load);
            $load += $grams;
            $off = hypot($before, $this->scale->errorG($load));
            $sum += $this->between($true, $this->measured($this->formula->plus([$key => $off]))) ** 2;
        }

        return sqrt($sum);
    }

    private function measured(Formula $formula): Measurement
    {
        $model = $formula->isEffect($this->library) ? new EffectModel($this->library) : new SolidModel($this->library);

        return Measurement::ofSpectra(
            array_map(fn (array $v): Spectrum => Spectrum::of($v), $model->spectra($formula->grams)),
        );
    }

    private function between(Measurement $one, Measurement $other): float
    {
        $sum = 0.0;
        foreach ($one->labs as $angle => $lab) {
            $sum += Ciede2000::between($lab, $other->labs[$angle]);
        }

        return $sum / count($one->labs);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $error = $this->scaleError();
        $rows = [];
        $sum = 0.0;
        foreach ($this->formula->grams as $key => $grams) {
            $sum += $grams;
            $rows[] = [
                'key' => $key,
                'name' => $this->library->toner($key)->name,
                'grams' => round($grams, 2),
                'cumulativeGrams' => round($sum, 2),
                'weighable' => $grams >= $this->scale->leastG(),
                'drops' => $grams < $this->scale->leastG() ? round($grams / Scale::DROP_G) : null,
            ];
        }

        return [
            'grams' => round($this->formula->total(), 1),
            'rows' => $rows,
            'scaleError' => $error === null ? null : round($error, 2),
            'leastG' => $this->scale->leastG(),
            'leastBatchG' => round($this->leastBatchG(), 0),
            'tooLittle' => $this->leastDrops() < 1.0,
        ];
    }
}
