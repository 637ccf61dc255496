<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

use Kalopsis\Calibration\Calibration;
use Kalopsis\Calibration\Constant;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TonerLibrary;

/** A card of a weighed formula, sprayed to hiding and read: how strong each of its toners is. */
final readonly class TonerCard implements Trial
{
    /** Noise of one card: instrument, weighing and hand, dE*. Common practice: a card repeats within half a unit. */
    private const NOISE = 0.5;

    /**
     * @param Lab $read at 45 degrees
     */
    public function __construct(
        private string $name,
        private Formula $formula,
        private Lab $read,
    ) {}

    public function kind(): TrialKind
    {
        return TrialKind::TonerCard;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function group(): string
    {
        return Constant::Toner->value;
    }

    public function about(): array
    {
        $out = [];
        foreach (array_keys($this->formula->grams) as $toner) {
            $out[Calibration::key(Constant::Toner, $toner)] = Constant::Toner->prior();
        }

        return $out;
    }

    public function residuals(array $factors): array
    {
        $library = TonerLibrary::northlight();
        $grams = [];
        $effect = false;
        foreach ($this->formula->grams as $toner => $g) {
            // So much stronger is so much more of it.
            $grams[$toner] = $g * ($factors[Calibration::key(Constant::Toner, $toner)] ?? 1.0);
            $effect = $effect || $library->toner($toner)->grade !== null;
        }
        $model = $effect ? new EffectModel($library) : new SolidModel($library);
        $lab = Spectrum::of($model->spectra($grams)[45])->lab($this->read->viewing);

        return [
            ($this->read->l - $lab->l) / self::NOISE,
            ($this->read->a - $lab->a) / self::NOISE,
            ($this->read->b - $lab->b) / self::NOISE,
        ];
    }
}
