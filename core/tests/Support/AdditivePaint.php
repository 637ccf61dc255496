<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tint\PaintModel;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;

/**
 * No real paint: each gram of a toner adds its own light to a grey, the same at every angle, so that what an amount does is
 * known by hand.
 */
final readonly class AdditivePaint implements PaintModel
{
    /**
     * @param array<string, list<float>> $adds 31 reflectances for each gram, by toner
     * @param list<float> $landed what a whole step of dryness adds
     * @param list<int> $angles
     */
    public function __construct(
        private array $adds,
        private array $landed = [],
        private array $angles = [45],
        private float $dryness = 0.0,
        private float $grey = 0.3,
    ) {}

    /** @return list<float> the same at each wavelength */
    public static function flat(float $by): array
    {
        return array_fill(0, Spectrum::COUNT, $by);
    }

    /** @return list<float> more towards red than towards blue, none in the middle */
    public static function slanting(float $by): array
    {
        return array_map(fn (int $i): float => $by * ($i - 15) / 15.0, range(0, Spectrum::COUNT - 1));
    }

    /** @return list<float> more at both ends than in the middle */
    public static function bowed(float $by): array
    {
        return array_map(fn (int $i): float => $by * ((($i - 15) / 15.0) ** 2 - 0.35), range(0, Spectrum::COUNT - 1));
    }

    public function spectra(array $grams): array
    {
        $values = self::flat($this->grey);
        foreach ($grams as $toner => $g) {
            foreach ($this->adds[$toner] ?? [] as $i => $by) {
                $values[$i] += $g * $by;
            }
        }
        foreach ($this->landed as $i => $by) {
            $values[$i] += $this->dryness * $by;
        }

        return array_fill_keys($this->angles, $values);
    }

    public function landing(float $dryness): self
    {
        return new self($this->adds, $this->landed, $this->angles, $dryness, $this->grey);
    }

    public function angles(): array
    {
        return $this->angles;
    }

    /** @param array<string, float> $grams read as L*, a*, b* at its angles */
    public function read(array $grams): Measurement
    {
        $labs = Colours::of($this, $grams)->labs;

        return Colours::measured(array_map(fn ($lab): array => [$lab->l, $lab->a, $lab->b], $labs));
    }

    public function library(): TonerLibrary
    {
        return TonerLibrary::of(array_map(
            fn (string $key): Toner => Toner::unmeasured($key, ucfirst($key), TonerKind::Shade),
            array_keys($this->adds),
        ));
    }
}
