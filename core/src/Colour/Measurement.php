<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use JsonSerializable;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Exception\NotAColour;

/** What one press of the instrument gives, or the mean of several: a colour at each angle of its geometry. */
final readonly class Measurement implements JsonSerializable
{
    /**
     * @param array<int, Lab> $labs by aspecular angle, face to flop
     * @param array<int, Spectrum> $spectra by angle; empty when only Lab is known
     */
    private function __construct(
        public Geometry $geometry,
        public Viewing $viewing,
        public array $labs,
        public array $spectra,
    ) {}

    /**
     * @param array<int, Lab> $labs by aspecular angle
     * @throws NotAColour|CannotCompare
     */
    public static function ofLabs(array $labs): self
    {
        $geometry = self::geometry(array_keys($labs));
        $ordered = [];
        foreach ($geometry->angles() as $angle) {
            $ordered[$angle] = $labs[$angle];
        }
        $viewing = $ordered[$geometry->angles()[0]]->viewing;
        foreach ($ordered as $lab) {
            if (! $lab->viewing->is($viewing)) {
                throw CannotCompare::viewing($viewing, $lab->viewing);
            }
        }

        return new self($geometry, $viewing, $ordered, []);
    }

    /**
     * @param array<int, Spectrum> $spectra by aspecular angle
     * @throws NotAColour
     */
    public static function ofSpectra(array $spectra, ?Viewing $viewing = null): self
    {
        $viewing ??= Viewing::paint();
        $geometry = self::geometry(array_keys($spectra));
        $labs = $ordered = [];
        foreach ($geometry->angles() as $angle) {
            $ordered[$angle] = $spectra[$angle];
            $labs[$angle] = $spectra[$angle]->lab($viewing);
        }

        return new self($geometry, $viewing, $labs, $ordered);
    }

    /** The same in another light, from the spectra; null when there are none. */
    public function under(Viewing $viewing): ?self
    {
        return $this->spectra === [] ? null : self::ofSpectra($this->spectra, $viewing);
    }

    public function hasSpectra(): bool
    {
        return $this->spectra !== [];
    }

    public function at(int $angle): Lab
    {
        return $this->labs[$angle];
    }

    /**
     * Angles both have.
     *
     * @return list<int>
     */
    public function anglesWith(self $other): array
    {
        return array_values(array_intersect($this->geometry->angles(), $other->geometry->angles()));
    }

    /**
     * Mean of several, over the angles all have: of the spectra where all have them, of XYZ otherwise (light adds up,
     * L* does not).
     *
     * @param non-empty-list<self> $all
     * @throws CannotCompare when viewing or angles do not fit together
     */
    public static function mean(array $all): self
    {
        $angles = $all[0]->geometry->angles();
        $spectral = true;
        foreach ($all as $one) {
            if (! $one->viewing->is($all[0]->viewing)) {
                throw CannotCompare::viewing($all[0]->viewing, $one->viewing);
            }
            $angles = array_values(array_intersect($angles, $one->geometry->angles()));
            $spectral = $spectral && $one->hasSpectra();
        }
        if (Geometry::ofAngles($angles) === null) {
            throw CannotCompare::angles();
        }
        $share = 1.0 / count($all);
        $labs = $spectra = [];
        foreach ($angles as $angle) {
            if ($spectral) {
                $sum = array_fill(0, Spectrum::COUNT, 0.0);
                foreach ($all as $one) {
                    foreach ($one->spectra[$angle]->values as $i => $v) {
                        $sum[$i] += $v * $share;
                    }
                }
                $spectra[$angle] = Spectrum::of(array_values($sum));
            } else {
                $xyz = new Xyz(0.0, 0.0, 0.0);
                foreach ($all as $one) {
                    $xyz = $xyz->plus($one->labs[$angle]->xyz(), $share);
                }
                $labs[$angle] = $xyz->lab($all[0]->viewing);
            }
        }

        return $spectral ? self::ofSpectra($spectra, $all[0]->viewing) : self::ofLabs($labs);
    }

    /** @return array{geometry: string, viewing: string, labs: array<int, Lab>, spectra: array<int, Spectrum>} */
    public function jsonSerialize(): array
    {
        return [
            'geometry' => $this->geometry->value,
            'viewing' => $this->viewing->name(),
            'labs' => $this->labs,
            'spectra' => $this->spectra,
        ];
    }

    /**
     * @param list<int> $angles
     * @throws NotAColour
     */
    private static function geometry(array $angles): Geometry
    {
        return Geometry::ofAngles($angles) ??
            throw NotAColour::spectrum(
                sprintf(
                    'These angles do not make a reading: %s. Taken are 45/0; 15, 45, 110; 25, 45, 75; 15, 25, 45, '
                        . '75, 110; and those with -15.',
                    $angles === [] ? 'none' : implode(', ', $angles),
                ),
            );
    }
}
